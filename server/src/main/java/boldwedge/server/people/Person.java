package boldwedge.server.people;

import java.io.Serializable;
import java.util.UUID;

/**
 * A person of the shop.
 *
 * @param id the person's id
 * @param version rises with each change
 * @param name what the person is called in the shop, and signs in with
 * @param role what the person may do
 */
public record Person(UUID id, int version, String name, Role role) implements Serializable {}
