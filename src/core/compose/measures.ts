import { addScaled, dot, type Vec3 } from '../geometry/vec3';
import type { CakeSolid } from '../cake/solid';
import type { Arrangement, Piece } from './arrangement';
import { intoCakeMm, intoLetteringMm, placePiece, type PlacedPiece } from './placement';
import { hidersOf, mayHide, type Hiders } from './hiders';
import { facesOf, nearestTo, type Neighbour } from './readings/neighbours';
import { standingOf, type Standing } from './readings/standing';
import { clashesOf, coveringAt, nearPair, viewsFrom, visualWeight, type NearPair, type Scene } from './scene';
import { FACES_EYE, looksAt, type Look } from './sight';
import { hides, reach2Of, SightGrid } from './sightGrid';
import { must } from '../geometry/must';

/** The most neighbours that a reading asks for. */
const NEIGHBOURS = 3;
/** A leaf's root is looked for this far behind its base, or the leaf would hide itself. */
const ROOT_BEHIND_MM = 4;
/** How a root lies to a view: cake or lie hides it, nothing does, or its own face. */
const [SHUT, OPEN, BEHIND_FACE] = [0, 1, 2];
const SIGHT_STEPS_MM = [6, 14, 28, 50, 90] as const;

/** Where the stem begins: what should not be seen. */
export const rootOf = (p: PlacedPiece): Vec3 =>
  p.spine.length ? addScaled(p.base, p.axis, -ROOT_BEHIND_MM) : addScaled(p.centre, p.axis, -p.body.axialMm * 0.95);

/** Whether cake stands between a place and the eye. */
export const behindCake = (solid: CakeSolid, root: Vec3, toEye: Vec3): boolean =>
  SIGHT_STEPS_MM.some((mm) => solid.signedDistanceMm(addScaled(root, toEye, mm)) < -1);

/** What the readings look at beside the scene. */
export interface Measured extends Scene {
  /** another one as soon as a piece is of another make, size or colour: what depends on those alone is kept with it */
  readonly make: object;
  /** of each head, and of each that shows a face, what concerns it alone where it stands */
  readonly standing: readonly Standing[];
  readonly faceStanding: readonly Standing[];
  /** heads that show a face, and of each its three nearest others among them */
  faces: readonly PlacedPiece[];
  nearest: readonly (readonly Neighbour[])[];
  /** how the envelope is looked at, the skin's normal first, and by how many pieces each cell is covered in each look */
  looks: readonly Look[];
  hits: readonly Int16Array[];
  /** of what each look sees, how much is covered, mm² */
  readonly coveredMm2: readonly number[];
  /** whether head `i` has another near it */
  accompanied(i: number): boolean;
  /** what stands before the face of head `i` */
  hidersOf(i: number): Hiders;
  /** of each piece the share of views from which its root is seen, among those that neither cake nor lie hides */
  rootsSeen(): Float64Array;
}

/**
 * Everything that the readings look at, measured once for a scene and then kept up to date piece by piece: a piece that is moved
 * is taken out of every count and put in at its new place, so that reading while dragging costs little. `measures.test.ts` holds
 * what is kept against what is measured afresh.
 */
export class Measures implements Measured {
  readonly cake;
  readonly catalogue;
  readonly solid;
  readonly line;
  readonly frontRad;
  readonly grid;
  readonly heads: PlacedPiece[];
  readonly weights: number[];
  readonly intoCake: number[];
  readonly intoLettering: number[];
  arrangement: Arrangement;
  make = {};
  clashes: readonly NearPair[];
  readonly standing: Standing[];
  readonly faceStanding: Standing[];
  readonly faces: PlacedPiece[];
  readonly nearest: Neighbour[][];
  readonly looks: readonly Look[];
  readonly hits: Int16Array[];
  readonly coveredMm2: number[];
  /** of each head the pairs it is one of */
  private readonly nearPairs: NearPair[][];
  /** asked for when wanted, forgotten when anything near moves */
  private readonly faceHiders: (Hiders | null)[];
  /** per piece and look, the cells covered */
  private readonly covered: Int32Array[][];
  /** place of each piece among the faces, −1 for sprigs */
  private readonly faceAt: number[];
  private readonly views: readonly Vec3[];
  private readonly roots: Vec3[];
  private readonly reach2: Float64Array;
  /** per piece and view: is its root looked at (`SHUT`, `OPEN` or `BEHIND_FACE`), and how many others hide it */
  private readonly rootOpen: Uint8Array;
  private readonly rootHidden: Int16Array;

  constructor(scene: Scene) {
    ({ cake: this.cake, catalogue: this.catalogue, solid: this.solid, line: this.line } = scene);
    ({ frontRad: this.frontRad, grid: this.grid, arrangement: this.arrangement, clashes: this.clashes } = scene);
    this.heads = [...scene.heads];
    this.nearPairs = this.heads.map(() => []);
    for (const pair of scene.pairs) {
      must(this.nearPairs[pair.a]).push(pair);
      must(this.nearPairs[pair.b]).push(pair);
    }
    this.weights = [...scene.weights];
    this.intoCake = [...scene.intoCake];
    this.intoLettering = [...scene.intoLettering];
    this.standing = this.heads.map((p) => standingOf(this.line, p));
    this.faces = facesOf(this.heads);
    this.faceStanding = this.standing.filter((_, i) => !must(this.heads[i]).spine.length);
    this.faceAt = this.heads.map((p) => (p.spine.length ? -1 : this.faces.indexOf(p)));
    this.nearest = this.faces.map((_, i) => nearestTo(this.faces, i, NEIGHBOURS));
    this.looks = looksAt(this.line, this.grid, this.frontRad);
    this.hits = this.looks.map(() => new Int16Array(this.grid.cells.length));
    this.coveredMm2 = this.looks.map(() => 0);
    this.faceHiders = this.heads.map(() => null);
    this.covered = this.heads.map((p) => this.looks.map((look) => look.cellsCoveredBy(p)));
    this.covered.forEach((own) => this.count(own, 1));
    this.views = viewsFrom(this.frontRad).map((v) => v.toEye);
    this.roots = this.heads.map(rootOf);
    this.reach2 = Float64Array.from(this.heads, reach2Of);
    this.rootOpen = new Uint8Array(this.heads.length * this.views.length);
    this.rootHidden = new Int16Array(this.rootOpen.length);
    const sight = new SightGrid(this.heads, this.views);
    this.heads.forEach((_, i) => this.lookAtRoot(i, (v) => sight.hiding(must(this.roots[i]), v, i)));
  }

  get pairs(): NearPair[] {
    return this.nearPairs.flatMap((own, i) => own.filter((p) => p.a === i));
  }

  accompanied(i: number): boolean {
    return must(this.nearPairs[i]).length > 0;
  }

  hidersOf(i: number): Hiders {
    return (this.faceHiders[i] ??= hidersOf(must(this.heads[i]), this.heads));
  }

  rootsSeen(): Float64Array {
    const n = this.views.length;
    const shares = new Float64Array(this.heads.length);
    for (let i = 0; i < shares.length; i++) {
      let open = 0;
      let seen = 0;
      for (let k = i * n; k < (i + 1) * n; k++) {
        const how = must(this.rootOpen[k]);
        if (how === SHUT) continue;
        open++;
        if (how === OPEN && !this.rootHidden[k]) seen++;
      }
      shares[i] = open ? seen / open : 0;
    }
    return shares;
  }

  /** Takes over another state of the same arrangement. False when more than places and sizes differ: then measure afresh. */
  follow(arrangement: Arrangement): boolean {
    const { pieces } = arrangement;
    if (pieces.length !== this.heads.length) return false;
    const moved: number[] = [];
    for (let i = 0; i < pieces.length; i++) {
      const was = must(this.heads[i]).piece;
      const is = must(pieces[i]);
      if (was === is) continue;
      if (was.id !== is.id) return false;
      if (!samePiece(was, is)) moved.push(i);
    }
    if (moved.length > Math.max(2, pieces.length / 4)) return false;
    const placed = moved.map((i) => placePiece(must(pieces[i]), this.line, this.catalogue));
    if (placed.some((p, k) => p.spine.length > 0 !== must(this.heads[must(moved[k])]).spine.length > 0)) return false;
    if (moved.some((i) => !sameMake(must(this.heads[i]).piece, must(pieces[i])))) this.make = {};
    moved.forEach((i, k) => this.move(i, must(placed[k])));
    this.arrangement = arrangement;
    return true;
  }

  private move(i: number, p: PlacedPiece): void {
    const was = must(this.heads[i]);
    this.heads[i] = p;
    this.standing[i] = standingOf(this.line, p);
    this.weights[i] = visualWeight(p, coveringAt(this.cake, this.solid, p.frame.pointMm));
    this.intoCake[i] = intoCakeMm(p, this.solid);
    this.intoLettering[i] = intoLetteringMm(p, this.line.plate);
    this.pairAgain(i);
    this.neighboursAgain(i);
    this.count(must(this.covered[i]), -1);
    this.covered[i] = this.looks.map((look) => look.cellsCoveredBy(p));
    this.count(this.covered[i], 1);
    this.forgetHiders(i, was, p);
    this.roots[i] = rootOf(p);
    this.reach2[i] = reach2Of(p);
    this.hideRoots(i, was, -1);
    this.hideRoots(i, p, 1);
    this.lookAtRoot(i, (v) => this.hidersOfRoot(i, v));
  }

  private forgetHiders(i: number, was: PlacedPiece, p: PlacedPiece): void {
    for (let j = 0; j < this.heads.length; j++)
      if (this.faceHiders[j] && (j === i || mayHide(was, must(this.heads[j])) || mayHide(p, must(this.heads[j]))))
        this.faceHiders[j] = null;
  }

  private count(covered: readonly Int32Array[], by: 1 | -1): void {
    covered.forEach((cells, look) => {
      const hits = must(this.hits[look]);
      const { facing } = must(this.looks[look]);
      for (let k = 0; k < cells.length; k++) {
        const cell = must(cells[k]);
        const before = must(hits[cell]);
        hits[cell] = before + by;
        if (facing[cell] && (before === 0 || before + by === 0))
          this.coveredMm2[look] = must(this.coveredMm2[look]) + by * must(this.grid.cells[cell]).areaMm2;
      }
    });
  }

  private pairAgain(i: number): void {
    for (const { a, b } of must(this.nearPairs[i])) {
      const other = a === i ? b : a;
      this.nearPairs[other] = must(this.nearPairs[other]).filter((p) => p.a !== i && p.b !== i);
    }
    const own: NearPair[] = [];
    for (let j = 0; j < this.heads.length; j++) {
      const pair = j === i ? null : nearPair(this.heads, Math.min(i, j), Math.max(i, j));
      if (!pair) continue;
      own.push(pair);
      must(this.nearPairs[j]).push(pair);
    }
    this.nearPairs[i] = own;
    this.clashes = this.clashes
      .filter((p) => p.a !== i && p.b !== i)
      .concat(clashesOf(own))
      .sort((p, q) => p.a - q.a || p.b - q.b);
  }

  private neighboursAgain(i: number): void {
    const at = must(this.faceAt[i]);
    if (at < 0) return;
    this.faceStanding[at] = must(this.standing[i]);
    const { centre } = (this.faces[at] = must(this.heads[i]));
    for (let f = 0; f < this.faces.length; f++) {
      const own = must(this.nearest[f]);
      const last = own[NEIGHBOURS - 1]?.mm ?? Infinity;
      const q = must(this.faces[f]).centre;
      const nearer = (q[0] - centre[0]) ** 2 + (q[1] - centre[1]) ** 2 + (q[2] - centre[2]) ** 2 <= last * last;
      if (f === at || nearer || own.some((n) => n.j === at)) this.nearest[f] = nearestTo(this.faces, f, NEIGHBOURS);
    }
  }

  /** Counts a piece in, or out again, wherever it hides another's root. */
  private hideRoots(i: number, q: PlacedPiece, by: 1 | -1): void {
    const n = this.views.length;
    const reach2 = reach2Of(q);
    for (let v = 0; v < n; v++) {
      const toEye = must(this.views[v]);
      for (let j = 0; j < this.roots.length; j++)
        if (j !== i && hides(q, reach2, must(this.roots[j]), toEye))
          this.rootHidden[j * n + v] = must(this.rootHidden[j * n + v]) + by;
    }
  }

  private hidersOfRoot(i: number, view: number): number {
    const [root, toEye] = [must(this.roots[i]), must(this.views[view])];
    let hidden = 0;
    for (let j = 0; j < this.heads.length; j++)
      if (j !== i && hides(must(this.heads[j]), must(this.reach2[j]), root, toEye)) hidden++;
    return hidden;
  }

  private lookAtRoot(i: number, hiddenIn: (view: number) => number): void {
    const n = this.views.length;
    const p = must(this.heads[i]);
    const root = must(this.roots[i]);
    for (let v = 0; v < n; v++) {
      const toEye = must(this.views[v]);
      const open = dot(p.frame.normal, toEye) >= FACES_EYE && !behindCake(this.solid, root, toEye);
      // the head itself hides its own back from where one looks into its face
      this.rootOpen[i * n + v] = !open ? SHUT : !p.spine.length && dot(p.axis, toEye) > 0.05 ? BEHIND_FACE : OPEN;
      this.rootHidden[i * n + v] = hiddenIn(v);
    }
  }
}

const sameMake = (a: Piece, b: Piece): boolean =>
  a.sizeMm === b.sizeMm && a.stage === b.stage && a.species === b.species && a.colourway === b.colourway;

const samePiece = (a: Piece, b: Piece): boolean =>
  sameMake(a, b) &&
  a.s === b.s &&
  a.side === b.side &&
  a.lift === b.lift &&
  a.tiltRad === b.tiltRad &&
  a.headingRad === b.headingRad &&
  a.rollRad === b.rollRad &&
  a.pinned === b.pinned;
