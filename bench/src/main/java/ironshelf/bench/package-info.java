/**
 * How the sums grow: JMH benches, run by hand and told in docs/performance.md; never a timed test.
 */
package ironshelf.bench;
