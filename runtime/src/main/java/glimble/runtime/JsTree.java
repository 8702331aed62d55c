package glimble.runtime;

import glimble.document.Tree;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSObject;

/** What JSON says, for the reader of documents. */
final class JsTree {
    private JsTree() {}

    static Tree from(JSObject value) {
        return switch (Js.kind(value)) {
            case "object" -> {
                Map<String, Tree> members = new LinkedHashMap<>();
                for (String name : Js.names(value)) members.put(name, from(Js.get(value, name)));
                yield new Tree.Obj(members);
            }
            case "list" -> {
                List<Tree> items = new ArrayList<>();
                for (int i = 0; i < Js.length(value); i++) items.add(from(Js.get(value, i)));
                yield new Tree.Arr(items);
            }
            case "string" -> new Tree.Text(Js.text(value));
            case "number" -> new Tree.Num(Js.number(value));
            case "boolean" -> new Tree.Flag(Js.flag(value));
            // What is undefined is as if it were null.
            default -> new Tree.Nothing();
        };
    }

    /** An object of texts. */
    static Map<String, String> texts(JSObject object) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (String name : Js.names(object)) texts.put(name, Js.text(Js.get(object, name)));
        return texts;
    }
}
