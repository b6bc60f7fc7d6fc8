import Elk from 'elkjs/lib/elk.bundled.js';
import {
  layoutGraph,
  readLayout,
  type DiagramLayout,
  type DiagramModel,
  type LaidOut,
} from '#core/drawing/index';

/** What goes to the diagram worker and what comes back. */
export interface DiagramRequest {
  readonly version: number;
  readonly model: DiagramModel;
  readonly before?: DiagramLayout;
}
export type DiagramAnswer =
  | { readonly version: number; readonly ok: true; readonly layout: DiagramLayout }
  | { readonly version: number; readonly ok: false; readonly message: string };

const elk = new Elk();

/** Lays a door out; the newest request is the only one that matters, so older answers carry their version. */
self.addEventListener('message', ({ data }: MessageEvent<DiagramRequest>) => {
  const { version, model, before } = data;
  elk
    .layout(layoutGraph(model, before) as never)
    .then((laid) => {
      self.postMessage({ version, ok: true, layout: readLayout(laid as LaidOut) } satisfies DiagramAnswer);
    })
    .catch((error: unknown) => {
      self.postMessage({ version, ok: false, message: String(error) } satisfies DiagramAnswer);
    });
});
