/** What is made, and what a batch of it takes: numbers, no words. Times in minutes, lengths in millimetres. */
@NullMarked
package boldwedge.core.jobs.model;

import org.jspecify.annotations.NullMarked;
