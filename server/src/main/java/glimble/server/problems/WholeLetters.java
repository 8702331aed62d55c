package glimble.server.problems;

import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.databind.JsonNode;

/**
 * Refuses texts that are no Unicode: half of a pair of surrogates cannot be stored, and would come back as a question mark. Also JSON may
 * spell one, so every text of a request is looked at once it is read.
 */
@RestControllerAdvice
class WholeLetters extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        String half = half(body);
        if (half != null)
            throw new Refused("$" + half, "has half of a letter (an unpaired surrogate); send whole ones");
        return body;
    }

    /** Where in a value half of a letter stands, as the end of a path; null if there is none, so that paths are only made for what is wrong. */
    private static String half(Object value) {
        if (value instanceof String text) return hasHalf(text) ? "" : null;
        if (value instanceof JsonNode node) return half(node);
        if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                String half = half(list.get(i));
                if (half != null) return "[" + i + "]" + half;
            }
        } else if (value instanceof Map<?, ?> map) {
            for (Map.Entry<?, ?> entry : map.entrySet()) {
                if (half(entry.getKey()) != null) return "";
                String half = half(entry.getValue());
                if (half != null) return "." + entry.getKey() + half;
            }
        } else if (value instanceof Record record) {
            for (RecordComponent member : record.getClass().getRecordComponents()) {
                String half = half(of(record, member));
                if (half != null) return "." + member.getName() + half;
            }
        }
        return null;
    }

    private static String half(JsonNode node) {
        if (node.isString()) return hasHalf(node.stringValue()) ? "" : null;
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            String half = half(node.get(i));
            if (half != null) return "[" + i + "]" + half;
        }
        if (!node.isObject()) return null;
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            if (hasHalf(member.getKey())) return "";
            String half = half(member.getValue());
            if (half != null) return "." + member.getKey() + half;
        }
        return null;
    }

    private static Object of(Record record, RecordComponent member) {
        try {
            member.getAccessor().setAccessible(true);
            return member.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    static boolean hasHalf(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (!Character.isSurrogate(text.charAt(i))) continue;
            boolean pair = i + 1 < text.length() && Character.isSurrogatePair(text.charAt(i), text.charAt(i + 1));
            if (!pair) return true;
            i++;
        }
        return false;
    }
}
