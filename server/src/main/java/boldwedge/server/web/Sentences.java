package boldwedge.server.web;

/** What is said for a status when nobody who knew more said it: by Spring's refusals and by the web server's own. */
final class Sentences {
    private Sentences() {}

    static Problem of(int status) {
        return switch (status) {
            case 401 -> Problem.of("sign-in-first", "Sign in first. What you typed is kept on this page.");
            case 403 ->
                Problem.of(
                        "not-allowed",
                        "You may look at this but not change it. Somebody who may can do it, or the shop's owner lets you.");
            case 404 -> Problem.of("nothing-there", "There is nothing at this address.");
            case 405 -> Problem.of("wrong-method", "This address does not take that method; see /api/openapi.json.");
            case 406 ->
                Problem.of("no-such-form", "This is not had in the form that was asked for; see /api/openapi.json.");
            case 408 -> BodyLimit.slow().problem();
            case 413 -> BodyLimit.tooLarge(BodyLimit.MOST_BYTES).problem();
            case 414, 431 -> Problem.of("address-too-long", "The address or the headings sent with it are too long.");
            case 415 ->
                Problem.of(
                        "wrong-content-type",
                        "This content type is not taken here. Send JSON with “Content-Type: application/json”.");
            case 416 ->
                Problem.of("no-such-part", "This has no such part: the range that was asked for lies beyond its end.");
            default ->
                status < 500
                        ? Problem.of("misaddressed", "This request does not make sense here; see /api/openapi.json.")
                        : Problem.of("fault", "The program could not answer this. What you typed is kept.");
        };
    }
}
