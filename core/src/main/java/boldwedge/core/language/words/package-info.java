/**
 * Words that people read, in files beside the classes that they belong to: {@code words.properties} in the resources, one for each
 * family or package. A choice's words stand under its class and its name ({@code Recess.Kind.O_RING}).
 */
@NullMarked
package boldwedge.core.language.words;

import org.jspecify.annotations.NullMarked;
