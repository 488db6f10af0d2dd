package tavrel.server.run;

import java.time.Instant;

/**
 * Events that reached the server long after they happened.
 *
 * @param by whose
 * @param count how many
 * @param last when the last of them came
 */
record CameLate(String by, int count, Instant last) {}
