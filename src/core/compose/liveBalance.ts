import type { Catalogue } from '../botany/catalogue';
import type { Cake } from '../cake/cake';
import { sameParts } from '../geometry/memo';
import type { Arrangement, LineSpec } from './arrangement';
import { Measures } from './measures';
import { readMeasured } from './readBalance';
import { type Reading } from './reading';
import { buildScene } from './scene';

/** Whether it can be built is for the plan to say. */
const NOT_ASKED = { stops: 0, looks: 0, first: null };

/** The balance of the arrangement in hand: follows its pieces, and measures afresh when cake, line or number change. */
export class LiveBalance {
  private cake: Cake | null = null;
  private line: LineSpec | null = null;
  private measures: Measures | null = null;
  private catalogue: Catalogue | null = null;

  /** Null when the line cannot be drawn. What it gives is changed by the next call. */
  measure(cake: Cake, arrangement: Arrangement, catalogue: Catalogue): Measures | null {
    const [ofCake, ofLine] = [sameParts(this.cake, cake), sameParts(this.line, arrangement.line)];
    const same = ofCake === this.cake && ofLine === this.line && catalogue === this.catalogue;
    if (!same || !this.measures?.follow(arrangement)) {
      const scene = buildScene(cake, arrangement, catalogue);
      this.cake = ofCake;
      this.line = ofLine;
      this.catalogue = catalogue;
      this.measures = scene && new Measures(scene);
    }
    return this.measures;
  }

  /** Empty when the line cannot be drawn. Finding remedies costs more than reading: they may be left out. */
  read(cake: Cake, arrangement: Arrangement, catalogue: Catalogue, remedies: boolean): Reading[] {
    const measures = this.measure(cake, arrangement, catalogue);
    return measures ? readMeasured(measures, NOT_ASKED, remedies) : [];
  }
}
