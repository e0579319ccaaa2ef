/** Fulfilled once the page has nothing to do for the coach. */
export const whenIdle = () => new Promise<void>((done) =>
  'requestIdleCallback' in window ? window.requestIdleCallback(() => done()) : setTimeout(done, 200))
