package tavrel.server.roster;

/**
 * What a word that is none of a roster's stands for, in all its rows.
 *
 * @param column title of the column
 * @param word as it stands in the file
 * @param means what is read in its place
 */
record Meaning(String column, String word, String means) {}
