package ironshelf.http.problem;

import java.util.Map;

/** One finding as it travels: its code and values, and the wording for people. */
public record FindingView(String code, String field, Map<String, Object> params, String message) {}
