package boldwedge.server.people;

/** Deed is written into the journal. The names are kept with the lines and stay. */
public enum Deed {
    SIGNED_IN("signed in"),
    REFUSED("was refused"),
    PAIRED("came in by a pairing code"),
    SIGNED_OUT_EVERYWHERE("signed out everywhere"),
    DEVICE_ENDED("ended a device"),
    PASSPHRASE_CHANGED("changed a passphrase"),
    SECOND_FACTOR_ON("asks for a second factor from now on"),
    SECOND_FACTOR_OFF("took a second factor off"),
    CODE_GIVEN("gave a code"),
    PERSON_ADDED("let somebody in"),
    ROLE_CHANGED("changed what somebody may do"),
    PERSON_REMOVED("took somebody out"),
    PERSON_BACK("let somebody in again"),
    OWNER_MADE("became an owner at the machine"),
    IMPORTED("took a file in"),
    DELETED("deleted"),
    RESTORED("restored a backup");

    private final String words;

    Deed(String words) {
        this.words = words;
    }

    /** In words, after a name. */
    public String words() {
        return words;
    }
}
