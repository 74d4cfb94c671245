import { QueryClient, type InvalidateOptions, type InvalidateQueryFilters, type QueryKey } from "@tanstack/react-query";

/**
 * After an act everything it may have changed is read again, also what is just being read for the first time: that answer may
 * have been made before the act, and the library would wait for it and show it.
 *
 *   await ask(client.POST("/api/pieces/{id}/restore", path));
 *   await cache.invalidateQueries();
 */
export class ReadAgain extends QueryClient {
  /** How many acts there were since the page was opened. */
  acts = 0;

  override invalidateQueries<Key extends QueryKey = QueryKey>(
    filters?: InvalidateQueryFilters<Key>,
    options?: InvalidateOptions,
  ): Promise<void> {
    this.acts += 1;
    for (const query of this.getQueryCache().findAll({ ...filters, fetchStatus: "fetching" }))
      if (query.state.data === undefined) void query.cancel({ silent: true });
    return super.invalidateQueries(filters, options);
  }
}
