package bersaglio.format;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/** The JSON schema of every record; a family is an object with its kind, and of the rest what that kind has. */
final class SchemaWriter {

    private static final String REFERENCE = "#/components/schemas/";

    private final Shapes shapes;
    private final Map<String, JsonObject> schemas = new TreeMap<>();
    private final Set<String> begun = new HashSet<>();

    SchemaWriter(Shapes shapes) {
        this.shapes = shapes;
    }

    /** All schemas by their names. */
    JsonObject all() {
        JsonObject all = Json.object();
        schemas.forEach(all::add);
        return all;
    }

    /** A family whose kind stands apart from it is told kind by kind. */
    void describe(TypeElement type) {
        String name = Naming.wordFor(type);
        if (!begun.add(name)) {
            return;
        }
        if (Shapes.isRecord(type.asType())) {
            schemas.put(name, record(type).json());
        } else if (Shapes.standsApart(type)) {
            Shapes.kinds(type).values().forEach(this::describe);
            addEither(type);
        } else {
            schemas.put(name, family(type).json());
        }
    }

    private void addEither(TypeElement family) {
        JsonObject either = schemas.computeIfAbsent(
                Naming.wordFor(Shapes.above(family)), any -> Json.object().add("oneOf", new JsonArray()));
        JsonArray kinds = either.get("oneOf").asArray();
        Shapes.kinds(family).values().forEach(kind -> kinds.add(reference(kind)));
    }

    private static JsonObject reference(TypeElement type) {
        return Json.object().add("$ref", REFERENCE + Naming.wordFor(type));
    }

    /** Properties in order, and which of them are always there. */
    private record Form(Map<String, JsonObject> properties, Set<String> required) {

        JsonObject json() {
            JsonObject all = Json.object();
            properties.forEach(all::add);
            JsonObject json = Json.object().add("type", "object").add("properties", all);
            JsonArray always = new JsonArray();
            required.stream().sorted().forEach(always::add);
            return always.isEmpty() ? json : json.add("required", always);
        }

        void add(Form flat, TypeElement to) {
            flat.properties.forEach((field, schema) -> add(field, schema, to));
            required.addAll(flat.required);
        }

        /** What stands flat has no place of its own: no two fields of a record may have one name. */
        void add(String field, JsonObject schema, TypeElement to) {
            if (properties.put(field, schema) != null) {
                throw new CannotBeWritten(to + " has two fields called " + field);
            }
        }

        static Form empty() {
            return new Form(new TreeMap<>(), new HashSet<>());
        }
    }

    private Form record(TypeElement record) {
        Form form = Form.empty();
        for (RecordComponentElement component : Shapes.components(record)) {
            if (Shapes.has(component, "Flat")) {
                TypeElement flat = shapes.byHand(component.asType(), true)
                        .map(this::writtenAs)
                        .orElseGet(() -> Shapes.element(component.asType()));
                form.add(record(flat), record);
            } else if (!Shapes.has(component, "Unwritten")) {
                String field = Naming.field(component);
                form.add(field, schema(component.asType()), record);
                if (isAlwaysThere(component)) {
                    form.required().add(field);
                }
            }
        }
        return form;
    }

    private static boolean isAlwaysThere(RecordComponentElement component) {
        boolean leftOut = Shapes.has(component, "Usually")
                && !Shapes.said(component, "Usually", "written")
                        .map(Boolean.TRUE::equals)
                        .orElse(false);
        return !leftOut && !Shapes.mayBeNull(component) && !Shapes.isOptional(component.asType());
    }

    private Form family(TypeElement family) {
        Form whole = Form.empty();
        List<Form> kinds = new ArrayList<>();
        Map<String, TypeElement> records = Shapes.kinds(family);
        records.values().forEach(kind -> kinds.add(record(kind)));
        for (Form kind : kinds) {
            kind.properties().forEach((field, schema) -> whole.properties().merge(field, schema, this::both));
        }
        whole.required().addAll(whole.properties().keySet());
        kinds.forEach(kind -> whole.required().retainAll(kind.required()));
        String field = Shapes.kindField(family);
        whole.properties().put(field, oneOf(List.copyOf(records.keySet())));
        whole.required().add(field);
        return whole;
    }

    /** A field that two kinds have in two ways is told as either. */
    private JsonObject both(JsonObject one, JsonObject other) {
        if (one.equals(other)) {
            return one;
        }
        if (one.get("items") != null && other.get("items") != null) {
            return Json.object()
                    .add("type", "array")
                    .add(
                            "items",
                            both(one.get("items").asObject(), other.get("items").asObject()));
        }
        JsonObject first = resolved(one);
        JsonObject second = resolved(other);
        if (first.get("properties") == null || second.get("properties") == null) {
            throw new CannotBeWritten("one field is both " + one + " and " + other);
        }
        Form merged = form(first);
        Form added = form(second);
        merged.required().retainAll(added.required());
        merged.properties().putAll(added.properties());
        return merged.json();
    }

    private JsonObject resolved(JsonObject schema) {
        String reference = schema.getString("$ref", "");
        return reference.isEmpty() ? schema : schemas.getOrDefault(reference.substring(REFERENCE.length()), schema);
    }

    private static Form form(JsonObject schema) {
        Form form = Form.empty();
        schema.get("properties").asObject().forEach(one -> form.properties()
                .put(one.getName(), one.getValue().asObject()));
        JsonValue required = schema.get("required");
        if (required != null) {
            required.asArray().forEach(one -> form.required().add(one.asString()));
        }
        return form;
    }

    private static JsonObject oneOf(List<String> names) {
        JsonArray all = new JsonArray();
        names.forEach(all::add);
        return Json.object().add("type", "string").add("enum", all);
    }

    private JsonObject schema(TypeMirror type) {
        Optional<TypeElement> hand = shapes.byHand(type, false).map(this::writtenAs);
        if (hand.isPresent()) {
            return schema(hand.get().asType());
        }
        if (Shapes.is(type, Optional.class)) {
            return schema(argument(type));
        }
        if (Shapes.is(type, List.class) || Shapes.is(type, Set.class)) {
            return Json.object().add("type", "array").add("items", schema(argument(type)));
        }
        if (Shapes.is(type, Map.class)) {
            return Json.object().add("type", "object").add("additionalProperties", number("number", "double"));
        }
        if (Shapes.isEnum(type)) {
            return oneOf(Shapes.element(type).getEnclosedElements().stream()
                    .filter(one -> one.getKind() == ElementKind.ENUM_CONSTANT)
                    .map(one -> one.getSimpleName().toString())
                    .toList());
        }
        if (Shapes.isRecord(type) || Shapes.isFamily(type)) {
            TypeElement told = Shapes.topmost(Shapes.element(type));
            describe(told);
            return reference(told);
        }
        return plain(type);
    }

    private static JsonObject plain(TypeMirror type) {
        if (type.getKind() == TypeKind.BOOLEAN || Shapes.is(type, Boolean.class)) {
            return Json.object().add("type", "boolean");
        } else if (Shapes.is(type, String.class)) {
            return Json.object().add("type", "string");
        } else if (type.getKind() == TypeKind.LONG
                || Shapes.is(type, Long.class)
                || Shapes.is(type, OptionalLong.class)) {
            return number("integer", "int64");
        } else if (type.getKind() == TypeKind.DOUBLE
                || Shapes.is(type, Double.class)
                || Shapes.is(type, OptionalDouble.class)) {
            return number("number", "double");
        } else if (type.getKind() == TypeKind.INT
                || Shapes.is(type, Integer.class)
                || Shapes.is(type, OptionalInt.class)) {
            return number("integer", "int32");
        }
        throw new CannotBeWritten("nothing describes a " + type);
    }

    private static JsonObject number(String type, String format) {
        return Json.object().add("type", type).add("format", format);
    }

    private static TypeMirror argument(TypeMirror type) {
        return ((DeclaredType) type).getTypeArguments().get(0);
    }

    /** What a format that is written by hand says that it writes. */
    private TypeElement writtenAs(TypeElement hand) {
        return Shapes.writtenAs(hand)
                .orElseThrow(() -> new CannotBeWritten(hand + " does not say with @WrittenAs what it writes"));
    }
}
