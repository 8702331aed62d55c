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

    load({ data, renderType, renderCharacteristics }: Parameters<GraphicsAPI.Graphic['load']>[0]) {
      return this.#inTurn(async () => {
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

    updateAction({ data, skipAnimation }: Parameters<GraphicsAPI.Graphic['updateAction']>[0]) {
      return this.#acted({ kind: 'update', data, atOnce: skipAnimation === true });
    }

    async playAction(params: Parameters<GraphicsAPI.Graphic['playAction']>[0]) {
      const answer = await this.#acted(played(params ?? {}));
      return { ...answer, currentStep: this.#standing.step ?? 0 };
    }

    stopAction(params: Parameters<GraphicsAPI.Graphic['stopAction']>[0]) {
      return this.#acted({ kind: 'stop', atOnce: params?.skipAnimation === true });
    }

    async customAction({ id }: Parameters<GraphicsAPI.Graphic['customAction']>[0]) {
      return refused(400, `there is no action ${id}; it has none of its own`);
    }

    goToTime({ timestamp }: Parameters<GraphicsAPI.Graphic['goToTime']>[0]) {
      return this.#inTurn(async () => {
        const wrong = this.#refusal(false);
        if (wrong) return wrong;
        if (!Number.isFinite(timestamp)) return refused(400, 'timestamp must be a number of milliseconds');
        this.#frame = this.#frameOf(timestamp);
        this.#draw();
        return DONE;
      });
    }

    setActionsSchedule({ schedule }: Parameters<GraphicsAPI.Graphic['setActionsSchedule']>[0]) {
      return this.#inTurn(async () => {
        const wrong = this.#refusal(false);
        if (wrong) return wrong;
        const acts: Scheduled[] = [];
        for (const { timestamp, action } of schedule) {
          if (action.type === 'customAction') return refused(400, `there is no action ${action.params.id}`);
          acts.push({ timestamp, act: scheduled(action) });
        }
        acts.sort((one, other) => one.timestamp - other.timestamp);
        for (const { act } of acts) if (act.kind === 'update') check(this.#show!, act.data);
        this.#show!.clear();
        let standing = this.#loaded;
        for (const { timestamp, act: what } of acts) {
          standing = await act(this.#show!, standing, what, this.#frameOf(timestamp));
        }
        this.#standing = standing;
        this.#draw();
        return DONE;
      }) as Promise<ReturnPayload>;
    }

    #refusal(realTime: boolean): ReturnPayload | undefined {
      if (!this.#show) return refused(400, 'it is not loaded; call load first');
      if (!realTime && this.#isRealTime) return refused(400, 'it was loaded for real time');
      return undefined;
    }

    #acted(what: Act): Promise<ReturnPayload> {
      return this.#inTurn(async () => {
        const wrong = this.#refusal(true);
        if (wrong) return wrong;
        // Nobody asks for what is past, unless it is told of times.
        if (this.#isRealTime) this.#show!.forget(this.#now());
        this.#standing = await act(this.#show!, this.#standing, what, this.#now());
        this.#draw();
        return DONE;
      });
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

function played({ delta, goto, skipAnimation }: Parameters<GraphicsAPI.Graphic['playAction']>[0]): Act {
  return { kind: 'play', by: delta ?? 1, to: goto, atOnce: skipAnimation === true };
}

type ScheduledAction = Parameters<GraphicsAPI.Graphic['setActionsSchedule']>[0]['schedule'][number]['action'];

function scheduled(action: Exclude<ScheduledAction, { type: 'customAction' }>): Act {
  if (action.type === 'playAction') return played(action.params ?? {});
  const atOnce = action.params?.skipAnimation === true;
  return action.type === 'stopAction'
    ? { kind: 'stop', atOnce }
    : { kind: 'update', data: (action.params as { data: unknown }).data, atOnce };
}
