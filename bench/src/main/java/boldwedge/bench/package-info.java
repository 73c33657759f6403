/** Benchmarks of the core; figures and commands are in docs/benchmarks.md. */
@org.jspecify.annotations.NullMarked
package boldwedge.bench;
