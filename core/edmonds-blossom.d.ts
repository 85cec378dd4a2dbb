/** The part of edmonds-blossom that is used; the package ships no types. */
declare module 'edmonds-blossom' {
  /**
   * @param edges two vertices, from 0, and a weight
   * @param maxCardinality whether as many as can be are matched, whatever they weigh
   * @returns for each vertex its partner; -1 where it has none
   */
  function blossom(edges: readonly [number, number, number][], maxCardinality?: boolean): number[];
  export = blossom;
}
