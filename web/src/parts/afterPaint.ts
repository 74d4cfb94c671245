/** Does something once the next frame is on the screen; gives what stops it. */
export function afterPaint(then: () => void): () => void {
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = () => {
    port1.close();
    then();
  };
  // A message posted in a frame comes when that frame is painted.
  const frame = requestAnimationFrame(() => port2.postMessage(null));
  return () => {
    cancelAnimationFrame(frame);
    port1.close();
  };
}
