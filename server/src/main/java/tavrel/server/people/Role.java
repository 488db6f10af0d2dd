package tavrel.server.people;

/** What a person may do. */
public enum Role {
  /** Everything. */
  KEEPER,
  /** Works rounds that a keeper planned. */
  CREW,
  /** Reads, changes nothing. */
  READER
}
