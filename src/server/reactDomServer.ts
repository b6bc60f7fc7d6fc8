import ReactDOM from 'react-dom/server.node';

/**
 * React's server renderer as the framework uses it, told never to move a large part of a page into a script that puts it in
 * later: our policy runs no such script, and the page is drawn whole anyway.
 */
const WHOLE = { progressiveChunkSize: Number.MAX_SAFE_INTEGER } as const;

type Server = typeof ReactDOM;

const renderToReadableStream: Server['renderToReadableStream'] = (node, options) =>
  ReactDOM.renderToReadableStream(node, { ...options, ...WHOLE });
const renderToPipeableStream: Server['renderToPipeableStream'] = (node, options) =>
  ReactDOM.renderToPipeableStream(node, { ...options, ...WHOLE });

export default { ...ReactDOM, renderToReadableStream, renderToPipeableStream };
