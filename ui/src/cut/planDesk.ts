import { replaceEqualDeep } from '@tanstack/react-query';
import {
  ask,
  type CutPageParts,
  type FieldState,
  type PlanAnswer,
  Refused,
  type Scene,
  type Texts,
  type Units,
} from '../api/client';
import type { Watched } from '../frame/store';
import { keepPlan, keptPlan } from '../offline/kept';

export type Look = 'CUT' | 'EDGE' | 'REACH' | 'MAKE' | 'PROVE' | 'CRIB' | 'CARD';

/** What was answered to the fields as typed. */
export interface Plan {
  /** The last good answer; undefined until the first one. */
  answer: PlanAnswer | undefined;
  /** The fields as last read, errors among them. */
  fields: Map<string, FieldState>;
  /** Statements of findings and texts of figures by id, as they were before the last change; nothing before the first one. */
  was: Map<string, string>;
  /** How the cut is shown, as last answered. */
  page: CutPageParts | undefined;
  /** Whether the answer shown is older than what is typed, because something typed cannot be used. */
  stale: boolean;
  /** Whether the answer to what is typed is late: what is shown is of before. */
  late: boolean;
  /** Why there was no answer, in a sentence; empty when there was. */
  trouble: string;
  /** The texts that {@link fields} were read from: the very object. */
  readOf: Texts | undefined;
  /** What is printed, once the cut has rested for a moment. */
  card: PlanAnswer | undefined;
}

interface Question {
  fields: Texts;
  units: Units;
  look: Look;
  /** Whether what holds is folded away: its workings are not sent then. */
  folded: boolean;
}

const RECORDS_AWAY =
  'The shop’s records cannot be reached: this is planned with its machines and lessons as they were read last.';

/** What a change has changed is lit for so long, if no other change comes. */
const LIT_MS = 2400;
/** An answer that takes longer than this is marked: what is shown is of before. */
const LATE_MS = 250;
/** After a rest of this long the card is fetched, so that the browser can print it at any moment. */
const REST_MS = 600;
/** A program that does not answer is asked again after so long, then twice as long, up to the longest. */
const AGAIN_MS = 1000;
const AGAIN_AT_MOST_MS = 8000;

const seen = (question: Question) => `${question.look}${question.folded ? '' : ' unfolded'}`;

const sameTexts = (a: Question | undefined, b: Question) => a?.fields === b.fields && a.units === b.units;

/** Before the first answer. */
export const NOTHING_YET: Plan = {
  answer: undefined,
  fields: new Map(),
  was: new Map(),
  page: undefined,
  readOf: undefined,
  stale: false,
  late: false,
  trouble: '',
  card: undefined,
};

/**
 * Asks for plans, one question at a time: the newest waits while one is under way, and an older answer never stands in place
 * of a newer one.
 */
export class PlanDesk implements Watched<Plan> {
  now: Plan = NOTHING_YET;

  private readonly listeners = new Set<() => void>();
  /** What the page wants to be answered. */
  private wanted: Question | undefined;
  private underWay: Question | undefined;
  /** What the answer that is shown was asked with. */
  private answered: Question | undefined;
  /** Answers to the same texts by what was looked at. */
  private looks = new Map<string, PlanAnswer>();
  private lateTimer: ReturnType<typeof setTimeout> | undefined;
  private againTimer: ReturnType<typeof setTimeout> | undefined;
  private restTimer: ReturnType<typeof setTimeout> | undefined;
  private litTimer: ReturnType<typeof setTimeout> | undefined;
  private againMs = AGAIN_MS;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.rest();
    };
  };

  /** Wants an answer to these texts, looked at as before. */
  askFor = (fields: Texts, units: Units): void => {
    if (this.wanted) this.ask({ ...this.wanted, fields, units });
  };

  /** Wants an answer to this; what was wanted before and is not under way is forgotten. */
  ask(question: Question): void {
    if (this.wanted && sameTexts(this.wanted, question) && seen(this.wanted) === seen(question)) return;
    this.wanted = question;
    const kept = sameTexts(this.answered, question) ? this.looks.get(seen(question)) : undefined;
    if (kept) {
      this.answered = question;
      this.show(kept, this.now.trouble);
      return;
    }
    clearTimeout(this.restTimer);
    if (this.underWay === undefined) this.send(question);
    if (this.lateTimer === undefined)
      this.lateTimer = setTimeout(() => {
        this.tell({ late: true });
      }, LATE_MS);
  }

  private send(question: Question): void {
    clearTimeout(this.againTimer);
    this.underWay = question;
    ask(question).then(
      ([answer, away]) => {
        this.underWay = undefined;
        this.againMs = AGAIN_MS;
        if (question.look === 'CARD') this.keepCard(question, answer);
        else this.take(question, answer, away ? RECORDS_AWAY : '');
        this.next(question);
      },
      async (error: unknown) => {
        const before = error instanceof Refused && error.away ? await asItWas(question) : undefined;
        this.underWay = undefined;
        const refused = error instanceof Refused ? error : undefined;
        if (before && question.look !== 'CARD') this.take(question, before, '');
        else if (question.look !== 'CARD') {
          this.settle();
          this.tell({
            stale: true,
            trouble: refused?.message ?? 'This page could not read the answer. Load it again.',
          });
        }
        // Another question may fare better; the same one is asked again only where the program was not there.
        if (this.wanted !== question && question.look !== 'CARD') this.next(question);
        else if (refused?.away) this.askAgain();
      },
    );
  }

  private next(done: Question): void {
    const wanted = this.wanted;
    if (wanted && wanted !== done && wanted !== this.answered) this.send(wanted);
    else if (done.look !== 'CARD') this.restTimer = setTimeout(() => this.fetchCard(), REST_MS);
  }

  private askAgain(): void {
    this.againTimer = setTimeout(() => {
      if (this.wanted && this.underWay === undefined) this.send(this.wanted);
    }, this.againMs);
    this.againMs = Math.min(2 * this.againMs, AGAIN_AT_MOST_MS);
  }

  private fetchCard(): void {
    const at = this.answered;
    if (at && this.underWay === undefined && this.listeners.size > 0 && !this.now.stale)
      this.send({ ...at, look: 'CARD', folded: false });
  }

  private keepCard(question: Question, card: PlanAnswer): void {
    if (!card.worked || !sameTexts(this.answered, question)) return;
    this.tell({ card });
    // The cut has rested: this is what may be wanted at the lathe.
    void keepPlan(question, question.look, card);
    for (const [look, answer] of this.looks) void keepPlan(question, look, answer);
  }

  private take(question: Question, answer: PlanAnswer, trouble: string): void {
    if (!sameTexts(this.answered, question)) {
      this.looks = new Map();
      this.now = { ...this.now, card: undefined };
    }
    const changed = !sameTexts(this.answered, question) && this.now.answer !== undefined && answer.worked;
    if (changed) {
      this.now = { ...this.now, was: said(this.now.answer) };
      clearTimeout(this.litTimer);
      this.litTimer = setTimeout(() => this.tell({ was: new Map() }), LIT_MS);
    }
    this.answered = question;
    if (answer.worked) this.looks.set(seen(question), answer);
    this.show(answer, trouble);
  }

  private show(answer: PlanAnswer, trouble: string): void {
    const old = this.now;
    // What stayed the same stays the same object, and is not painted again.
    const kept = replaceEqualDeep<PlanAnswer>(old.answer, answer);
    const isNewest = this.answered === this.wanted;
    if (isNewest) this.settle();
    this.tell({
      answer: answer.worked ? kept : old.answer,
      fields: new Map(kept.fields.map((state) => [state.id, state])),
      page: kept.page,
      readOf: this.answered?.fields,
      stale: !answer.worked,
      late: isNewest ? false : old.late,
      trouble,
    });
  }

  private settle(): void {
    clearTimeout(this.lateTimer);
    this.lateTimer = undefined;
  }

  private tell(change: Partial<Plan>): void {
    this.now = { ...this.now, ...change };
    for (const listener of this.listeners) listener();
  }

  private rest(): void {
    this.settle();
    clearTimeout(this.againTimer);
    clearTimeout(this.restTimer);
    clearTimeout(this.litTimer);
  }
}

/** What was answered to the same texts when the program was last there: as it is looked at, or else as it is printed. */
const asItWas = (question: Question) => keptPlan<PlanAnswer>(question, [seen(question), 'CARD']);

const said = (answer: PlanAnswer | undefined) =>
  new Map([
    ...(answer?.findings ?? []).map((finding): [string, string] => [finding.id, finding.statement]),
    ...(answer?.figures ?? []).map((figure): [string, string] => [`figure ${figure.id}`, figure.text]),
  ]);

/** The drawing of a step, which comes with the first step that shows it. */
export function sceneOfStep(answer: PlanAnswer, scene: Scene): Scene {
  if (scene.strokes.length > 0) return scene;
  return answer.steps.find((step) => step.scene.id === scene.id && step.scene.strokes.length > 0)?.scene ?? scene;
}
