package tavrel.server.table;

/**
 * Why a row was not read.
 *
 * @param line line of the file, from 1
 * @param column column of the roster
 * @param found what stands there
 * @param says what is wrong and what is allowed
 */
public record RowError(int line, String column, String found, String says) {}
