/** Benchmarks of the figures in docs/performance.md. */
package firmperch.bench;
