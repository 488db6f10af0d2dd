package tavrel.server.http;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.server.store.ClosedDatabase;
import tavrel.server.store.DiskRoom;
import tavrel.server.words.Wording;

/**
 * Every refusal as {@code application/problem+json}: what is wrong, at which field, what is
 * allowed.
 */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  private static final Logger log = LoggerFactory.getLogger(Problems.class);

  private final ClosedDatabase closed;
  private final DiskRoom room;

  Problems(ClosedDatabase closed, DiskRoom room) {
    this.closed = closed;
    this.room = room;
  }

  /**
   * One field that was refused.
   *
   * @param field path of the field in what was sent, as {@code amount.grams}
   * @param says what is wrong with it and what is allowed, in English
   * @param code the same as a lasting code, or null where it has none
   * @param values what the code speaks of, by name
   */
  record FieldProblem(
      String field, String says, @Nullable String code, @Nullable Map<String, Object> values) {}

  @ExceptionHandler
  ProblemDetail refused(Problem problem) {
    return problem.detail();
  }

  @ExceptionHandler
  ProblemDetail invalid(InvalidValue invalid) {
    return atField(invalid.field(), invalid);
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException mistyped) {
    return atField(
        mistyped.getName(),
        new InvalidValue(mistyped.getName(), "notOfRightKind", "is not of the right kind"));
  }

  @ExceptionHandler
  ProblemDetail torn(MultipartException torn) {
    return ProblemType.UNREADABLE.problem(
        HttpStatus.BAD_REQUEST, Fact.of("refused.fileCannotBeRead"));
  }

  @ExceptionHandler
  ProblemDetail clash(DataIntegrityViolationException clash) {
    log.warn("refused by the database", clash);
    return ProblemType.CONFLICT.problem(HttpStatus.CONFLICT, Fact.of("refused.clashes"));
  }

  @ExceptionHandler
  ProblemDetail unforeseen(Exception unforeseen) {
    if (closed.wasMet(unforeseen)) {
      return room.isFull()
          ? ProblemType.DISK_FULL.problem(HttpStatus.INSUFFICIENT_STORAGE, Problem.DISK_FULL)
          : ProblemType.TRY_AGAIN.problem(
              HttpStatus.SERVICE_UNAVAILABLE, Fact.of("refused.diskFailed"));
    }
    log.error("unforeseen", unforeseen);
    return ProblemType.BROKEN.problem(
        HttpStatus.INTERNAL_SERVER_ERROR, Fact.of("refused.somethingBroke"));
  }

  @Override
  protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException large,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    ProblemDetail problem =
        atField(
            "file",
            new InvalidValue(
                "file", "largerThanFiveMb", "is larger than 5 MB; split it by apiary"));
    problem.setType(ProblemType.TOO_LARGE.uri());
    problem.setStatus(HttpStatus.PAYLOAD_TOO_LARGE);
    return createResponseEntity(problem, headers, HttpStatus.PAYLOAD_TOO_LARGE, request);
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return createResponseEntity(
        unreadable(unreadable.getCause()), headers, HttpStatus.BAD_REQUEST, request);
  }

  private static ProblemDetail unreadable(@Nullable Throwable cause) {
    if (cause instanceof JsonMappingException mapping) {
      String path = path(mapping);
      if (mapping.getCause() instanceof InvalidValue invalid) {
        return atField(join(path, invalid.field()), invalid);
      }
      return atField(path, unreadable(path, mapping));
    }
    if (cause instanceof JsonParseException) {
      return ProblemType.UNREADABLE.problem(HttpStatus.BAD_REQUEST, Fact.of("refused.noJson"));
    }
    return ProblemType.UNREADABLE.problem(HttpStatus.BAD_REQUEST, Fact.of("refused.noBody"));
  }

  private static InvalidValue unreadable(String path, JsonMappingException mapping) {
    if (mapping instanceof UnrecognizedPropertyException) {
      return new InvalidValue(path, "notKnownHere", "is not known here");
    }
    if (mapping instanceof InvalidFormatException format && format.getTargetType().isEnum()) {
      return new InvalidValue(
          path,
          "mustBeOneOf",
          "must be one of {allowed}",
          Arrays.toString(format.getTargetType().getEnumConstants()));
    }
    return mapping instanceof MismatchedInputException
        ? new InvalidValue(path, "missingOrNotOfRightKind", "is missing or not of the right kind")
        : new InvalidValue(path, "cannotBeRead", "cannot be read");
  }

  private static String path(JsonMappingException mapping) {
    return mapping.getPath().stream()
        .map(
            part ->
                part.getFieldName() == null ? String.valueOf(part.getIndex()) : part.getFieldName())
        .collect(Collectors.joining("."));
  }

  /** Inner records name fields by their own view; the outer path is put before, once. */
  private static String join(String path, String field) {
    if (path.isEmpty() || path.equals(field) || path.endsWith("." + field)) {
      return path.isEmpty() ? field : path;
    }
    String last = path.substring(path.lastIndexOf('.') + 1);
    return field.startsWith(last + ".")
        ? path + field.substring(last.length())
        : field.equals(last) ? path : path + "." + field;
  }

  private static ProblemDetail atField(String field, InvalidValue invalid) {
    String says = invalid.says(Wording.PLAIN::of);
    return refused(
        invalid.code() == null
            ? new FieldProblem(field, says, null, null)
            : new FieldProblem(field, says, invalid.code(), invalid.values()));
  }

  private static ProblemDetail refused(FieldProblem field) {
    ProblemDetail problem =
        ProblemType.INVALID.atFields(
            HttpStatus.BAD_REQUEST,
            field.field().isEmpty() ? field.says() : field.field() + " " + field.says());
    problem.setProperty("errors", List.of(field));
    return problem;
  }
}
