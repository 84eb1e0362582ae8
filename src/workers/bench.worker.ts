import * as Comlink from 'comlink';
import type { Issue } from '@/core/boundary/refusal';
import { clockOf, type WallMinutes } from '@/core/days/clock';
import type { Busy } from '@/core/formats/calendarIn';
import { catalogueWith, kindMesh, type Detail, type Kind, type OwnCatalogue } from '@/core/botany/catalogue';
import type { Mesh } from '@/core/botany/shape/mesh';
import { LiveBalance } from '@/core/compose/liveBalance';
import type { Reading } from '@/core/compose/reading';
import { buildScene, type Scene } from '@/core/compose/scene';
import type { Arrangement } from '@/core/compose/arrangement';
import type { Cake } from '@/core/cake/cake';
import { Memo } from '@/core/geometry/memo';
import { degToRad } from '@/core/geometry/numbers';
import { cakePicture, cakeSight } from '@/core/picture/cakePicture';
import { cakeGlb } from '@/core/picture/glb';
import { portrait } from '@/core/picture/portrait';
import type { Picture } from '@/core/picture/raster';
import { otherWorkOf, type OtherWork } from '@/core/plan/daysOf';
import { movedApart } from '@/core/plan/apart';
import { checkProject } from '@/core/plan/project';
import { derivePlan, type DerivedPlan } from '@/core/plan/derivePlan';
import type { CheckedRepair } from '@/core/plan/repairs';
import { whatFits } from '@/core/plan/whatFits';
import type { TinPiece } from '@/core/compose/tin';
import type { CutDemand, CutPlan } from '@/core/wire/cutList';
import type { IntegerSolver } from '@/core/wire/cutOptimum';
import { loadSolver } from '@/core/wire/loadSolver';
import { ProvenCuts } from '@/core/wire/provenCuts';
import { checkedCalls } from './messages';

/** of the last plan, so that a change works out anew only what it touched */
const memory = new Memo();
const live = new LiveBalance();
const provenCuts = new ProvenCuts();
let solver: Promise<IntegerSolver> | null = null;

const wallHere = (unixSeconds: number): WallMinutes => {
  const at = new Date(unixSeconds * 1000);
  return Date.UTC(at.getFullYear(), at.getMonth(), at.getDate(), at.getHours(), at.getMinutes()) / 60_000;
};

const scenesOf = (cake: Cake, arrangements: readonly Arrangement[], own: OwnCatalogue): Scene[] =>
  arrangements.flatMap((a) => buildScene(cake, a, catalogueWith(own)) ?? []);

/** Heavy work off the page, each call with what its job brings to the catalogue: the derived plan, shapes, pictures and proven cut lists. */
const bench = {
  /** Nothing but that it stands: asked while the page still loads, so that the first plan need not wait for its script. */
  ready(): void {},
  plan(input: unknown, others: readonly OtherWork[]): DerivedPlan {
    const checked = checkProject(input);
    if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
    const plan = derivePlan(checked.project, memory, others);
    return { ...plan, cuts: provenCuts.best(plan.cuts, checked.project.brief.stockMm) };
  },
  /** What a job takes of the days, beside the jobs before it. */
  otherWork(input: unknown, before: readonly OtherWork[]): OtherWork {
    const checked = checkProject(input);
    if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
    return otherWorkOf(checked.project, derivePlan(checked.project, undefined, before));
  },
  /** Changes that make the work fit, each tried. */
  whatFits(input: unknown, now: number, tin: readonly TinPiece[], others: readonly OtherWork[]): CheckedRepair[] {
    const checked = checkProject(input);
    if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
    return whatFits(checked.project, now, tin, others);
  },
  /** Pieces moved so that entries stand apart, as little as will do. */
  apart(input: unknown): ReturnType<typeof movedApart> {
    const checked = checkProject(input);
    if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
    return movedApart(checked.project);
  },
  /** The balance of one arrangement; empty when its line cannot be drawn. Remedies may be left for when the hand rests. */
  read(cake: Cake, arrangement: Arrangement, remedies: boolean, own: OwnCatalogue): Reading[] {
    return live.read(cake, arrangement, catalogueWith(own), remedies);
  },
  mesh(kind: Kind, detail: Detail, variant: number, own: OwnCatalogue): Mesh {
    const mesh = kindMesh(kind, detail, catalogueWith(own), variant);
    return Comlink.transfer(mesh, [
      mesh.positions.buffer,
      mesh.normals.buffer,
      mesh.colours.buffer,
      mesh.indices.buffer,
    ] as Transferable[]);
  },
  portrait(kind: Kind, pixels: number, own: OwnCatalogue): Picture {
    const picture = portrait(kind, Math.max(8, Math.min(512, pixels)), catalogueWith(own));
    return Comlink.transfer(picture, [picture.rgba.buffer as ArrayBuffer]);
  },
  cakePicture(
    cake: Cake,
    arrangements: readonly Arrangement[],
    view: { azimuthRad: number; elevationDeg: number; width: number; height: number; detail: Detail },
    own: OwnCatalogue,
  ): Picture {
    const scenes = scenesOf(cake, arrangements, own);
    const sight = cakeSight({
      cake,
      azimuthRad: view.azimuthRad,
      elevationRad: degToRad(view.elevationDeg),
      width: Math.min(1600, view.width),
      height: Math.min(1600, view.height),
      highestMm: Math.max(0, ...scenes.flatMap((s) => s.heads.map((p) => p.centre[2] + p.body.radialMm))),
    });
    return cakePicture({ cake, scenes, sight, over: 2, detail: view.detail });
  },
  /** The whole cake as binary glTF. */
  glb(title: string, cake: Cake, arrangements: readonly Arrangement[], own: OwnCatalogue): Uint8Array {
    const bytes = cakeGlb(title, cake, scenesOf(cake, arrangements, own));
    return Comlink.transfer(bytes, [bytes.buffer as ArrayBuffer]);
  },
  /** Busy times out of a calendar; without a zone of the kitchen's own this machine's clock is taken. */
  async busyTimes(
    text: string,
    window: { from: WallMinutes; to: WallMinutes },
    zone: string | null,
  ): Promise<{ value: Busy[] } | { issues: Issue[] }> {
    const { busyFromCalendar } = await import('@/core/formats/calendarIn');
    const clock = zone === null ? null : clockOf(zone, window.from, window.to);
    return busyFromCalendar(text, window, (unix) => (clock ? clock.fromUtc(unix / 60) : wallHere(unix)));
  },
  /** The fewest lengths for each list; plans that are asked for later have them too. */
  async leastWire(lists: readonly (readonly CutDemand[])[], stockMm: number): Promise<CutPlan[]> {
    // the solver is only fetched when a cut list is proven: the plan need not wait for it
    solver ??= loadSolver();
    return provenCuts.prove(lists, stockMm, await solver);
  },
};

export type Bench = typeof bench;
Comlink.expose(checkedCalls(bench));
