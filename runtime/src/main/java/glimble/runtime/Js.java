package glimble.runtime;

import org.teavm.jso.JSBody;
import org.teavm.jso.JSByRef;
import org.teavm.jso.JSObject;

/** Plain objects and lists of JavaScript, made and read. */
final class Js {
    private Js() {}

    @JSBody(script = "return {};")
    static native JSObject object();

    @JSBody(script = "return [];")
    static native JSObject list();

    @JSBody(
            params = {"list", "item"},
            script = "list.push(item);")
    static native void add(JSObject list, JSObject item);

    @JSBody(
            params = {"list", "item"},
            script = "list.push(item);")
    static native void add(JSObject list, String item);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    static native void put(JSObject object, String name, JSObject value);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    static native void put(JSObject object, String name, String value);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    static native void put(JSObject object, String name, double value);

    @JSBody(
            params = {"object", "name", "value"},
            script = "object[name] = value;")
    static native void put(JSObject object, String name, boolean value);

    /** The same numbers, not a copy of them. */
    @JSBody(
            params = {"object", "name", "values"},
            script = "object[name] = values;")
    static native void put(JSObject object, String name, @JSByRef double[] values);

    @JSBody(
            params = {"object", "name", "values"},
            script = "object[name] = values;")
    static native void put(JSObject object, String name, @JSByRef int[] values);

    @JSBody(params = "text", script = "return JSON.parse(text);")
    static native JSObject parsed(String text);

    @JSBody(params = "value", script = "return Array.isArray(value) ? 'list' : value === null ? 'null' : typeof value;")
    static native String kind(JSObject value);

    @JSBody(params = "object", script = "return Object.keys(object);")
    static native String[] names(JSObject object);

    @JSBody(
            params = {"object", "name"},
            script = "return object[name];")
    static native JSObject get(JSObject object, String name);

    @JSBody(params = "list", script = "return list.length;")
    static native int length(JSObject list);

    @JSBody(
            params = {"list", "index"},
            script = "return list[index];")
    static native JSObject get(JSObject list, int index);

    @JSBody(params = "value", script = "return value;")
    static native String text(JSObject value);

    @JSBody(params = "value", script = "return value;")
    static native double number(JSObject value);

    @JSBody(params = "value", script = "return value;")
    static native boolean flag(JSObject value);
}
