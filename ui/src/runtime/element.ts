import type { GraphicsAPI, RenderCharacteristics, ReturnPayload } from 'ograf';
import { act, BadData, check, type Act, type Standing } from './acts';
import type { Design } from './design';
import { Show } from './show';

const DONE: ReturnPayload = { statusCode: 200 };

function refused(statusCode: number, statusMessage: string): ReturnPayload {
  return { statusCode, statusMessage };
}

interface Scheduled {
  /** ms */
  timestamp: number;
  act: Act;
}

/**
 * The class of a graphic for any renderer of HTML graphics. Source: EBU OGraf 1. It shows nothing before it is loaded, and fetches nothing but
 * what was handed over with it.
 *
 * @param base what addresses in the design are seen from
 * @param samples what it is filled with when it is loaded without data
 */
export function graphicClass(
  design: Design,
  base: string,
  samples: unknown,
): new () => HTMLElement & GraphicsAPI.Graphic {
  return class extends HTMLElement implements GraphicsAPI.Graphic {
    #canvas = document.createElement('canvas');
    #show: Show | undefined;
    #standing: Standing = { data: samples, step: undefined };
    #loaded: Standing = this.#standing;
    #isRealTime = true;
    #epoch = 0;
    #frame = 0;
    #next = 0;
    /** The frame that was drawn last. */
    #drawn = -1;
    /** Acts are done one after the other. */
    #last: Promise<unknown> = Promise.resolve();

    load(params: Parameters<GraphicsAPI.Graphic['load']>[0]) {
      return this.#inTurn(async () => {
        const { data, renderType, renderCharacteristics } = given(params);
        if (renderType !== 'realtime' && renderType !== 'non-realtime') {
          return refused(400, 'renderType must be realtime or non-realtime');
        }
        this.#stop();
        const show = await Show.open(design, base);
        if (data !== undefined) check(show, data);
        this.#standing = this.#loaded = { data: data ?? samples, step: undefined };
        this.#show = show;
        this.#isRealTime = renderType !== 'non-realtime';
        this.#epoch = performance.now();
        this.#place(renderCharacteristics);
        this.#drawn = -1;
        if (this.#isRealTime) this.#run();
        return DONE;
      });
    }

    #place(characteristics: RenderCharacteristics | undefined): void {
      const { width, height } = characteristics?.resolution ?? this.#show!.size;
      this.#canvas.width = width;
      this.#canvas.height = height;
      this.#canvas.style.cssText = 'position:absolute;inset:0;width:100%;height:100%;object-fit:contain';
      if (!this.style.position) this.style.cssText += ';position:absolute;inset:0;display:block';
      this.replaceChildren(this.#canvas);
    }

    dispose() {
      return this.#inTurn(async () => {
        this.#stop();
        this.#show = undefined;
        this.replaceChildren();
        return DONE;
      });
    }

    updateAction(params: Parameters<GraphicsAPI.Graphic['updateAction']>[0]) {
      return this.#acted(() => updated(params));
    }

    async playAction(params: Parameters<GraphicsAPI.Graphic['playAction']>[0]) {
      const answer = await this.#acted(() => played(params));
      return { ...answer, currentStep: this.#standing.step ?? 0 };
    }

    stopAction(params: Parameters<GraphicsAPI.Graphic['stopAction']>[0]) {
      return this.#acted(() => stopped(params));
    }

    customAction(params: Parameters<GraphicsAPI.Graphic['customAction']>[0]) {
      return this.#inTurn(async () => {
        throw noAction(given(params).id);
      });
    }

    goToTime(params: Parameters<GraphicsAPI.Graphic['goToTime']>[0]) {
      return this.#inTurn(async () => {
        const wrong = this.#refusal(false);
        if (wrong) return wrong;
        this.#frame = this.#frameOf(time(given(params).timestamp, 'timestamp'));
        this.#draw();
        return DONE;
      });
    }

    setActionsSchedule(params: Parameters<GraphicsAPI.Graphic['setActionsSchedule']>[0]) {
      return this.#inTurn(async () => {
        const wrong = this.#refusal(false);
        if (wrong) return wrong;
        const acts = scheduleOf(given(params).schedule);
        for (const { act } of acts) if (act.kind === 'update') check(this.#show!, act.data);
        this.#show!.clear();
        let standing = this.#loaded;
        for (const { timestamp, act: what } of acts) {
          standing = await act(this.#show!, standing, what, this.#frameOf(timestamp));
        }
        this.#standing = standing;
        this.#draw();
        return DONE;
      });
    }

    #refusal(realTime: boolean): ReturnPayload | undefined {
      if (!this.#show) return refused(400, 'it is not loaded; call load first');
      if (!realTime && this.#isRealTime) return refused(400, 'it was loaded for real time');
      return undefined;
    }

    /** Answers once it has begun, or where it goes out, once nothing of it is left: whoever takes it away then cuts nothing. */
    async #acted(read: () => Act): Promise<ReturnPayload> {
      const answer = await this.#inTurn(async () => {
        const wrong = this.#refusal(true);
        if (wrong) return wrong;
        const what = read();
        // Nobody asks for what is past, unless it is told of times.
        if (this.#isRealTime) this.#show!.forget(this.#now());
        this.#standing = await act(this.#show!, this.#standing, what, this.#now());
        this.#draw();
        return DONE;
      });
      // Others need not wait for that: it may be played again meanwhile.
      if (answer === DONE && this.#isRealTime) await this.#gone();
      return answer;
    }

    /** Once nothing is left, or something stands. */
    async #gone(): Promise<void> {
      while (this.#show && !this.#show.stage.stands(this.#now()) && this.#show.isShown(this.#now())) {
        await new Promise((resolve) => setTimeout(resolve, 1000 / this.#show!.rate));
      }
      // What is seen of it is cleared too.
      if (this.#show) this.#draw();
    }

    /** One after the other, each with an answer, whatever happens. */
    #inTurn(work: () => Promise<ReturnPayload>): Promise<ReturnPayload> {
      const turn = this.#last.then(work).catch((error: unknown) => {
        const message = error instanceof Error ? error.message : String(error);
        return refused(error instanceof BadData ? 400 : 500, message);
      });
      this.#last = turn;
      return turn;
    }

    #frameOf(ms: number): number {
      // What falls on a frame but for rounding is that frame.
      return Math.floor((ms * this.#show!.rate) / 1000 + 1e-6);
    }

    #now(): number {
      return this.#isRealTime ? this.#frameOf(performance.now() - this.#epoch) : this.#frame;
    }

    #run(): void {
      // A screen is often quicker than the graphic; acts draw by themselves.
      if (this.#now() !== this.#drawn) this.#draw();
      this.#next = requestAnimationFrame(() => this.#run());
    }

    #stop(): void {
      cancelAnimationFrame(this.#next);
    }

    #draw(): void {
      this.#drawn = this.#now();
      this.#show!.draw(this.#canvas.getContext('2d')!, this.#drawn);
    }
  };
}

/** @throws BadData if nothing was given, or no object */
function given<T>(params: T): T {
  if (typeof params !== 'object' || params === null) {
    throw new BadData('it is called with an object, as the standard says; nothing was given');
  }
  return params;
}

/** What is not given is as the standard says. */
function optional<T extends object>(params: T | undefined): Partial<T> {
  return params === undefined ? {} : given(params);
}

function noAction(id: unknown): BadData {
  return new BadData(`there is no action ${String(id)}; it has none of its own`);
}

/** ms @throws BadData */
function time(ms: unknown, what: string): number {
  if (typeof ms === 'number' && Number.isFinite(ms)) return ms;
  throw new BadData(`${what} must be a number of milliseconds`);
}

/** @throws BadData */
function whole(number: unknown, what: string): number | undefined {
  if (number === undefined || number === null) return undefined;
  if (Number.isInteger(number)) return number as number;
  throw new BadData(`${what} must be a whole number`);
}

function played(params: Parameters<GraphicsAPI.Graphic['playAction']>[0] | undefined): Act {
  const { delta, goto, skipAnimation } = optional(params);
  return {
    kind: 'play',
    by: whole(delta, 'delta') ?? 1,
    to: whole(goto, 'goto'),
    atOnce: skipAnimation === true,
  };
}

function updated(params: Parameters<GraphicsAPI.Graphic['updateAction']>[0]): Act {
  const { data, skipAnimation } = given(params);
  return { kind: 'update', data, atOnce: skipAnimation === true };
}

function stopped(params: Parameters<GraphicsAPI.Graphic['stopAction']>[0] | undefined): Act {
  return { kind: 'stop', atOnce: optional(params).skipAnimation === true };
}

/**
 * Acts in the order of their times.
 *
 * @throws BadData with the place of what is wrong
 */
function scheduleOf(schedule: unknown): Scheduled[] {
  if (!Array.isArray(schedule)) throw new BadData('schedule must be a list of actions with their times');
  const acts = schedule.map((entry: unknown, i) => {
    const at = `schedule[${i}]`;
    const { timestamp, action } = (entry ?? {}) as { timestamp?: unknown; action?: ScheduledAction };
    const ms = time(timestamp, `${at}.timestamp`);
    try {
      return { timestamp: ms, act: scheduled(action) };
    } catch (error) {
      throw error instanceof BadData ? new BadData(`${at}.action: ${error.message}`) : error;
    }
  });
  return acts.sort((one, other) => one.timestamp - other.timestamp);
}

type ScheduledAction = Parameters<GraphicsAPI.Graphic['setActionsSchedule']>[0]['schedule'][number]['action'];

function scheduled(action: ScheduledAction | undefined): Act {
  switch (action?.type) {
    case 'playAction':
      return played(action.params);
    case 'stopAction':
      return stopped(action.params);
    case 'updateAction':
      return updated(action.params);
    case 'customAction':
      throw noAction(action.params?.id);
    default:
      throw new BadData('type must be playAction, updateAction or stopAction');
  }
}
