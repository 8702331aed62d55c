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
        check(body, "$");
        return body;
    }

    private static void check(Object value, String path) {
        if (value instanceof String text) {
            if (hasHalf(text)) throw new Refused(path, "has half of a letter (an unpaired surrogate); send whole ones");
        } else if (value instanceof JsonNode node) {
            check(node, path);
        } else if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) check(list.get(i), path + "[" + i + "]");
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, of) -> {
                check(key, path);
                check(of, path + "." + key);
            });
        } else if (value instanceof Record record) {
            for (RecordComponent member : record.getClass().getRecordComponents()) {
                check(of(record, member), path + "." + member.getName());
            }
        }
    }

    private static void check(JsonNode node, String path) {
        if (node.isString()) check(node.stringValue(), path);
        for (int i = 0; node.isArray() && i < node.size(); i++) check(node.get(i), path + "[" + i + "]");
        if (!node.isObject()) return;
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            check(member.getKey(), path);
            check(member.getValue(), path + "." + member.getKey());
        }
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
