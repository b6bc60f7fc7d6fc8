import { database } from '../../../../../../server/db/shared';
import { attachment, handle } from '../../../../../../server/http';
import { doorOr404, wholeSite } from '../../../../../../server/siteOr404';
import { SIGNED_IN, endpoint } from '../../../../../../server/endpoint';

export const prerender = false;

/** The diagram of one door, at rest, on one sheet of its own size. */
export const GET = endpoint(SIGNED_IN, ({ params }) =>
  handle(async () => {
    const live = wholeSite(database(), params.site);
    const { plan } = live;
    const door = doorOr404(live, params.door);
    // Loaded only when somebody asks: the layout engine and the PDF library are large.
    const [{ doorDiagram }, { sheetPdf }] = await Promise.all([
      import('../../../../../../server/diagram'),
      import('../../../../../../server/sheetPdf'),
    ]);
    const diagram = await doorDiagram(plan, door);
    const bytes = await sheetPdf(
      diagram,
      `${plan.site.name} · ${door.id} ${door.name} · wiring diagram at rest`,
    );
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': attachment(`${plan.site.id}-${door.id}-diagram.pdf`),
        'cache-control': 'no-store',
      },
    });
  }),
);
