package boldwedge.server.people;

/** What a person of the shop may do. */
public enum Role {
    /** Everything, and lets others in. */
    OWNER,
    /** Keeps and changes cuts, tools, machines and trials. */
    MAKER,
    /** Reads and plans, and changes nothing that is kept. */
    READER
}
