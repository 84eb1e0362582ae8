import type { Cake } from '../cake/cake';
import { cakeSolid, type CakeSolid } from '../cake/solid';
import { clamp, lerp } from '../geometry/numbers';
import type { Random } from '../geometry/random';
import { addScaled, distance, normalize, sub, type Vec3 } from '../geometry/vec3';
import type { Piece } from './arrangement';
import { PointGrid } from '../geometry/pointGrid';
import {
  balanceCost,
  COST,
  COVER_COUNTS_FULL_AT,
  FAR,
  fromCoverMm,
  gradingCost,
  heftOf,
  pairCost,
  placeCost,
  rivalCost,
  taperCost,
} from './cost';
import { envelopeGrid, type EnvelopeGrid } from './envelope';
import type { Line } from './line';
import { coversSight, intoCakeMm, intoLetteringMm, outlineShareOf, overlapMm, placePiece, type PlacedPiece } from './placement';
import { exchanged, nudged } from './nudge';
import { colourGroups } from './readings/colour';
import { taperOf } from './readings/grading';
import { outwardShare } from './readings/standing';
import { PETAL_GIVE_MM } from './scene';
import { pushed } from './settle';
import { lookedAt } from './sight';
import type { Catalogue } from '../botany/catalogue';
import { must } from '../geometry/must';

/** One arrangement while it is being improved: placed pieces, how often each cell is covered, and the cost so far. */
export class Annealer {
  readonly placed: PlacedPiece[];
  private readonly solid: CakeSolid;
  private readonly grid: EnvelopeGrid;
  private readonly hits: Int16Array;
  private readonly cellPoint: Vec3[];
  private readonly areaTotal: number;
  private readonly block: Int32Array;
  private readonly blockArea: Float64Array;
  private readonly blockBare: Float64Array;
  private bare = 0;
  private readonly footprints: Int32Array[];
  private readonly largestMm: number;
  /** how far out each piece lies; ln size of each face, NaN for sprigs; its colour among the colours */
  private readonly armX: Float64Array;
  private readonly logSize: Float64Array;
  /** area of each face, 0 for sprigs, against what the line's taper carries; only where a line tapers */
  private readonly faceArea: Float64Array;
  private readonly taper: Float64Array | null;
  /** what each piece weighs to the eye */
  private readonly heft: Float64Array;
  private readonly colour: Int32Array;
  private readonly colours: number;
  private readonly near: PointGrid;
  private readonly random: Random;
  private readonly catalogue: Catalogue;

  constructor(
    cake: Cake,
    readonly line: Line,
    pieces: readonly Piece[],
    { random, catalogue }: { random: Random; catalogue: Catalogue },
  ) {
    this.random = random;
    this.catalogue = catalogue;
    this.solid = cakeSolid(cake);
    this.grid = envelopeGrid(line, Math.max(8, line.lengthMm / 90));
    const { cells, columns, rows } = this.grid;
    this.hits = new Int16Array(cells.length);
    this.cellPoint = lookedAt(line, cells);
    const across = Math.ceil(columns / 4);
    this.block = Int32Array.from(cells, (c) => Math.floor(c.column / 4) + across * Math.floor((c.row * 3) / rows));
    this.blockArea = new Float64Array(across * 3);
    cells.forEach((c, i) => {
      const block = must(this.block[i]);
      this.blockArea[block] = must(this.blockArea[block]) + c.areaMm2;
    });
    this.blockBare = Float64Array.from(this.blockArea);
    this.areaTotal = this.grid.areaMm2;
    this.bare = this.areaTotal;
    this.near = new PointGrid(this.cellPoint, 30);
    this.placed = pieces.map((piece) => placePiece(piece, line, catalogue));
    this.armX = Float64Array.from(this.placed, (p) => outwardShare(line, p.piece));
    this.logSize = Float64Array.from(this.placed, (p) => (p.spine.length ? NaN : Math.log(p.body.radialMm * 2)));
    this.faceArea = Float64Array.from(this.placed, (p) => (p.spine.length ? 0 : p.body.radialMm ** 2));
    this.taper = line.shape === 'open' && !line.closed ? taperOf(line) : null;
    this.heft = Float64Array.from(this.placed, heftOf);
    const groups = colourGroups(this.placed);
    this.colours = groups.length;
    this.colour = new Int32Array(pieces.length);
    groups.forEach((g, k) => g.members.forEach((i) => (this.colour[i] = k)));
    this.footprints = this.placed.map((p) => this.footprint(p));
    this.footprints.forEach((f) => this.mark(f, 1));
    this.largestMm = Math.max(0, ...this.placed.filter((p) => !p.spine.length).map((p) => p.body.radialMm * 2));
  }

  private footprint(p: PlacedPiece): Int32Array {
    const found: number[] = [];
    const share = outlineShareOf(p);
    const { cells } = this.grid;
    this.near.within(p.centre, p.body.radialMm + p.body.axialMm + 12, (i) => {
      if (coversSight(p, must(this.cellPoint[i]), must(cells[i]).frame.normal, share)) found.push(i);
    });
    return Int32Array.from(found);
  }

  private mark(footprint: Int32Array, by: 1 | -1): void {
    for (const i of footprint) {
      const before = must(this.hits[i]);
      this.hits[i] = before + by;
      if ((by === 1 && before === 0) || (by === -1 && before === 1)) {
        const area = must(this.grid.cells[i]).areaMm2;
        this.bare -= by * area;
        const block = must(this.block[i]);
        this.blockBare[block] = must(this.blockBare[block]) - by * area;
      }
    }
  }

  private coverCost(): number {
    let blocks = 0;
    for (let i = 0; i < this.blockArea.length; i++) {
      if (must(this.blockArea[i]) > 0) blocks += (must(this.blockBare[i]) / must(this.blockArea[i])) ** 2;
    }
    const share = (COST.uncovered * this.bare) / this.areaTotal + (COST.uncoveredBlock * blocks) / this.blockArea.length;
    return share * Math.max(1, this.placed.length / COVER_COUNTS_FULL_AT);
  }

  private pair(i: number, p: PlacedPiece, j: number): { cost: number; gapMm: number } {
    return pairCost(p, must(this.placed[j]), this.colours > 1 && this.colour[i] === this.colour[j]);
  }

  /** What piece `i` costs by itself and against all others. */
  private pieceCost(i: number, p: PlacedPiece): number {
    const sprig = p.spine.length > 0;
    let nearest = Infinity;
    let rootMm = Infinity;
    let cost = COST.cakePerMm * Math.max(0, intoCakeMm(p, this.solid) - 0.6);
    cost += COST.letteringPerMm * intoLetteringMm(p, this.line.plate);
    let touching = 0;
    for (let j = 0; j < this.placed.length; j++) {
      if (j === i) continue;
      const q = must(this.placed[j]);
      const pair = this.pair(i, p, j);
      cost += pair.cost;
      if (pair.gapMm < 5) touching++;
      if (sprig && pair !== FAR) rootMm = Math.min(rootMm, fromCoverMm(p.base, q));
      if (!sprig && !q.spine.length && pair !== FAR)
        nearest = Math.min(nearest, distance(p.centre, q.centre) / (p.body.radialMm + q.body.radialMm));
    }
    if (!sprig && this.placed.length > 3) cost += COST.uneven * Math.min(1, Math.abs(Math.min(nearest, 1.8) - 0.98) / 0.6) ** 2;
    // a sprig's foot belongs under a head or another leaf, where no one sees it
    if (sprig && this.placed.length > 3) cost += COST.bareRoot * Math.min(1.5, Math.max(0, rootMm) / 12);
    if (!sprig && touching < 2) cost += COST.floating * (2 - touching);
    return cost + placeCost(p, this.line, this.largestMm);
  }

  private wholeCost(): number {
    const graded = this.line.closed ? 0 : gradingCost(this.armX, this.logSize);
    const tapered = this.taper ? taperCost(this.taper, this.armX, this.faceArea) : 0;
    const rival = this.line.closed ? 0 : rivalCost(this.line, this.placed, this.heft);
    return this.coverCost() + balanceCost(this.placed, this.heft) + graded + tapered + rival;
  }

  /** Cost of the whole: each pair once. */
  total(): number {
    let cost = this.wholeCost();
    for (let i = 0; i < this.placed.length; i++) {
      let pairs = 0;
      for (let j = 0; j < this.placed.length; j++) if (j !== i) pairs += this.pair(i, must(this.placed[i]), j).cost;
      cost += this.pieceCost(i, must(this.placed[i])) - pairs / 2;
    }
    return cost;
  }

  /** Sum of what runs into what, and the worst, in mm past what petals give. */
  clashes(): { worstMm: number; cakeMm: number } {
    let worstMm = 0;
    let cakeMm = 0;
    this.placed.forEach((p, i) => {
      cakeMm = Math.max(cakeMm, intoCakeMm(p, this.solid));
      for (let j = i + 1; j < this.placed.length; j++)
        worstMm = Math.max(worstMm, overlapMm(p, must(this.placed[j])) - PETAL_GIVE_MM);
    });
    return { worstMm, cakeMm };
  }

  /**
   * Takes the piece that presses most to the best of many places near it where it is clear; where there is none it takes the
   * next smaller size of its species. False when nothing presses by more than `mostMm`, or nothing can be done.
   */
  freeWorst(mostMm: number): boolean {
    let worst = { i: -1, mm: mostMm };
    const pressed = (i: number, p: PlacedPiece): number => {
      let mm = p.spine.length ? 0 : intoCakeMm(p, this.solid);
      for (let j = 0; j < this.placed.length; j++)
        if (j !== i) mm = Math.max(mm, overlapMm(p, must(this.placed[j])) - PETAL_GIVE_MM);
      return mm;
    };
    this.placed.forEach((p, i) => {
      if (p.piece.pinned) return;
      const mm = pressed(i, p);
      // of two that press, the lighter moves
      if (
        mm > worst.mm + 1e-9 ||
        (worst.i >= 0 && mm > worst.mm - 1e-9 && p.body.massGrams < must(this.placed[worst.i]).body.massGrams)
      )
        worst = { i, mm };
    });
    if (worst.i < 0) return false;
    const { i } = worst;
    const { piece } = must(this.placed[i]);
    let best: { p: PlacedPiece; cost: number } | null = null;
    for (let k = 0; k < 160; k++) {
      const reach = 0.15 + k / 160;
      const s = piece.s + (this.random() - 0.5) * reach;
      const side = clamp(piece.side + (this.random() - 0.5) * 2 * reach, -1.15, 1.15);
      const lift = clamp(piece.lift + (this.random() - 0.3) * 0.3, 0, 0.6);
      const tried = { ...piece, s: this.line.closed ? s - Math.floor(s) : clamp(s), side, lift };
      const p = placePiece(tried, this.line, this.catalogue);
      if (pressed(i, p) > mostMm) continue;
      const cost = this.pieceCost(i, p);
      if (!best || cost < best.cost) best = { p, cost };
    }
    if (best) {
      this.put(i, best.p, this.footprint(best.p));
      return true;
    }
    const smaller = must(this.placed[i])
      .body.species.sizesMm.filter((mm) => mm < piece.sizeMm)
      .sort((a, b) => b - a)[0];
    if (smaller === undefined) return false;
    const p = placePiece({ ...piece, sizeMm: smaller }, this.line, this.catalogue);
    this.put(i, p, this.footprint(p));
    this.logSize[i] = p.spine.length ? NaN : Math.log(p.body.radialMm * 2);
    this.faceArea[i] = p.spine.length ? 0 : p.body.radialMm ** 2;
    this.heft[i] = heftOf(p);
    return true;
  }

  private put(i: number, p: PlacedPiece, footprint: Int32Array): void {
    this.mark(must(this.footprints[i]), -1);
    this.placed[i] = p;
    this.armX[i] = outwardShare(this.line, p.piece);
    this.footprints[i] = footprint;
    this.mark(footprint, 1);
  }

  /** Tries new pieces at some places and keeps them when the cost falls, or by chance at a temperature. Returns whether kept. */
  private attempt(changes: readonly { i: number; piece: Piece }[], temperature: number): boolean {
    const before = changes.map(({ i }) => ({ i, p: must(this.placed[i]), f: must(this.footprints[i]) }));
    const localBefore = changes.reduce((a, { i }) => a + this.pieceCost(i, must(this.placed[i])), 0);
    const wholeBefore = this.wholeCost();
    for (const { i, piece } of changes) {
      const p = placePiece(piece, this.line, this.catalogue);
      this.put(i, p, this.footprint(p));
    }
    const localAfter = changes.reduce((a, { i }) => a + this.pieceCost(i, must(this.placed[i])), 0);
    const delta = localAfter - localBefore + this.wholeCost() - wholeBefore;
    if (delta <= 0 || this.random() < Math.exp(-delta / temperature)) return true;
    for (const { i, p, f } of before) this.put(i, p, f);
    return false;
  }

  /** One move. `cool` runs 0 hot … 1 cold; steps shrink to a quarter. */
  step(cool: number): boolean {
    const n = this.placed.length;
    if (n === 0) return false;
    const temperature = 2.4 * Math.pow(0.012, cool);
    const size = lerp(1, 0.25, cool);
    const i = Math.floor(this.random() * n);
    const piece = must(this.placed[i]).piece;
    if (piece.pinned) return false;
    const kind = this.random();
    if (kind < 0.12) return this.swapPlaces(i, temperature);
    if (kind < 0.24) return this.toBarePlace(i, temperature);
    if (kind < 0.42) return this.moveApart(i, temperature);
    return this.attempt(
      [
        {
          i,
          piece: nudged({
            p: must(this.placed[i]),
            line: this.line,
            kind: kind < 0.6 ? 'turn' : kind < 0.68 ? 'lift' : 'slide',
            size,
            random: this.random,
          }),
        },
      ],
      temperature,
    );
  }

  /** Two pieces of like habit change places. */
  private swapPlaces(i: number, temperature: number): boolean {
    const j = Math.floor(this.random() * this.placed.length);
    const a = must(this.placed[i]);
    const b = must(this.placed[j]);
    if (i === j || b.piece.pinned || a.spine.length > 0 !== b.spine.length > 0) return false;
    const [first, second] = exchanged(a.piece, b.piece);
    return this.attempt(
      [
        { i, piece: first },
        { i: j, piece: second },
      ],
      temperature,
    );
  }

  /** A small piece goes to a bare cell. */
  private toBarePlace(i: number, temperature: number): boolean {
    const p = must(this.placed[i]);
    if (p.body.role === 'focal') return false;
    for (let tries = 0; tries < 12; tries++) {
      const c = Math.floor(this.random() * this.hits.length);
      if (must(this.hits[c]) > 0) continue;
      const cell = must(this.grid.cells[c]);
      const back = p.spine.length ? (p.body.axialMm * 0.8) / this.line.lengthMm : 0;
      const at = cell.s - back * Math.cos(p.piece.headingRad);
      const s = this.line.closed ? at - Math.floor(at) : clamp(at);
      return this.attempt([{ i, piece: { ...p.piece, s, side: clamp(cell.side, -1.1, 1.1) } }], temperature);
    }
    return false;
  }

  /** Along the summed push of everything it runs into. */
  private moveApart(i: number, temperature: number): boolean {
    const p = must(this.placed[i]);
    let push: Vec3 = [0, 0, 0];
    for (let j = 0; j < this.placed.length; j++) {
      if (j === i) continue;
      const q = must(this.placed[j]);
      if (distance(p.centre, q.centre) > p.body.radialMm + q.body.radialMm + p.body.axialMm + q.body.axialMm) continue;
      const mm = overlapMm(p, q);
      if (mm > 0) push = addScaled(push, normalize(sub(p.centre, q.centre), p.frame.along), mm);
    }
    const piece = pushed(p, this.line, push);
    return this.attempt([{ i, piece: { ...piece, lift: clamp(piece.lift, 0, p.body.role === 'focal' ? 0.3 : 1) } }], temperature);
  }

  pieces(): Piece[] {
    return this.placed.map((p) => p.piece);
  }
}
