package bersaglio.format;

import com.palantir.javapoet.ClassName;
import com.palantir.javapoet.CodeBlock;
import com.palantir.javapoet.FieldSpec;
import com.palantir.javapoet.JavaFile;
import com.palantir.javapoet.MethodSpec;
import com.palantir.javapoet.ParameterSpec;
import com.palantir.javapoet.ParameterizedTypeName;
import com.palantir.javapoet.TypeName;
import com.palantir.javapoet.TypeSpec;
import com.palantir.javapoet.WildcardTypeName;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;

/** One class for every record and family: it writes one to JSON, and reads one where that is wanted. */
final class FormatWriter {

    static final ClassName JSON = ClassName.get("com.eclipsesource.json", "Json");
    static final ClassName OBJECT = ClassName.get("com.eclipsesource.json", "JsonObject");
    static final ClassName FIELDS = ClassName.get("bersaglio.wire", "Fields");
    private static final CodeBlock NO_OTHER =
            CodeBlock.of("throw new $T($S);\n", IllegalStateException.class, "a family has no other kinds");
    private static final ClassName REFUSED = ClassName.get("bersaglio.core.problem", "Refused");

    private final Values values;
    private final Map<TypeElement, Boolean> wanted = new LinkedHashMap<>();
    private final Map<TypeElement, Map<String, TypeElement>> joined = new LinkedHashMap<>();
    private final Deque<TypeElement> open = new ArrayDeque<>();

    FormatWriter(Shapes shapes) {
        this.values = new Values(shapes, this);
    }

    /** @param read whether it is read too, and not only shown */
    void want(TypeElement type, boolean read) {
        Boolean known = wanted.get(type);
        if (known == null || read && !known) {
            wanted.put(type, read);
            open.add(type);
        }
    }

    List<JavaFile> files() {
        Map<TypeElement, JavaFile> files = new LinkedHashMap<>();
        while (!open.isEmpty()) {
            TypeElement next = open.poll();
            boolean read = wanted.get(next);
            values.reading(read);
            TypeSpec.Builder made = begun(Naming.formatOf(next));
            if (Shapes.isRecord(next.asType())) {
                writeRecord(made, next, read);
            } else if (Shapes.isFamily(next.asType()) && Shapes.standsApart(next)) {
                join(next, read);
                continue;
            } else if (Shapes.isFamily(next.asType())) {
                writeFamily(made, next, read);
            } else {
                throw new CannotBeWritten(next + " is neither a record nor a family of records");
            }
            files.put(
                    next,
                    JavaFile.builder(Naming.PACKAGE, made.build())
                            .indent("    ")
                            .build());
        }
        List<JavaFile> all = new ArrayList<>(files.values());
        joined.forEach((above, kinds) -> all.add(ofAll(above, kinds)));
        all.add(registry());
        return all;
    }

    private static MethodSpec.Builder method(String name, TypeName returned) {
        return MethodSpec.methodBuilder(name)
                .addModifiers(Modifier.PUBLIC, Modifier.STATIC)
                .returns(returned);
    }

    private void writeRecord(TypeSpec.Builder made, TypeElement record, boolean read) {
        TypeName type = TypeName.get(record.asType());
        ParameterSpec value = ParameterSpec.builder(type, "value").build();
        made.addMethod(method("encode", OBJECT)
                .addParameter(value)
                .addStatement("return add($T.object(), value)", JSON)
                .build());
        MethodSpec.Builder add =
                method("add", OBJECT).addParameter(OBJECT, "json").addParameter(value);
        Shapes.components(record).forEach(component -> add.addCode(values.written(component)));
        made.addMethod(add.addStatement("return json").build());
        if (read) {
            made.addMethod(method("decode", type)
                    .addParameter(FIELDS, "fields")
                    .addStatement("return fields.at(() -> new $T($L))", type, arguments(record))
                    .build());
        }
    }

    private CodeBlock arguments(TypeElement record) {
        return Shapes.components(record).stream().map(values::read).collect(CodeBlock.joining(",\n"));
    }

    private void writeFamily(TypeSpec.Builder made, TypeElement family, boolean read) {
        Map<String, TypeElement> kinds = Shapes.kinds(family);
        kinds.values().forEach(kind -> want(kind, read));
        TypeName type = TypeName.get(family.asType());
        String field = Shapes.kindField(family);
        made.addField(names(kinds));
        made.addMethod(method("encode", OBJECT)
                        .addParameter(type, "value")
                        .addStatement("return add($T.object().add($S, kind(value)), value)", JSON, field)
                        .build())
                .addMethod(adding(type, kinds))
                .addMethod(naming(type, kinds));
        if (read) {
            made.addMethod(reading(type, field, kinds));
            made.addMethod(method("decode", type)
                    .addParameter(FIELDS, "fields")
                    .addStatement("return decode(fields.text($S), fields)", field)
                    .build());
        }
    }

    /** Families whose kinds stand apart are told from one another by them: all that extend one interface are read as one. */
    private void join(TypeElement family, boolean read) {
        Map<String, TypeElement> kinds = joined.computeIfAbsent(Shapes.above(family), any -> new LinkedHashMap<>());
        Shapes.kinds(family).forEach((name, kind) -> {
            want(kind, read);
            TypeElement other = kinds.put(name, kind);
            if (other != null) {
                throw new CannotBeWritten(kind + " and " + other + " are both called " + name);
            }
        });
    }

    private static JavaFile ofAll(TypeElement above, Map<String, TypeElement> kinds) {
        TypeName type = TypeName.get(above.asType());
        TypeSpec.Builder made = begun(Naming.formatOf(above))
                .addField(names(kinds))
                .addMethod(isKind(kinds))
                .addMethod(adding(type, kinds))
                .addMethod(naming(type, kinds))
                .addMethod(reading(type, "kind", kinds));
        return JavaFile.builder(Naming.PACKAGE, made.build()).indent("    ").build();
    }

    private static FieldSpec names(Map<String, TypeElement> kinds) {
        return FieldSpec.builder(String.class, "KINDS", Modifier.PUBLIC, Modifier.STATIC, Modifier.FINAL)
                .initializer("$S", String.join(", ", kinds.keySet()))
                .build();
    }

    private static TypeSpec.Builder begun(ClassName name) {
        return TypeSpec.classBuilder(name)
                .addModifiers(Modifier.PUBLIC, Modifier.FINAL)
                .addMethod(MethodSpec.constructorBuilder()
                        .addModifiers(Modifier.PRIVATE)
                        .build());
    }

    private static MethodSpec adding(TypeName type, Map<String, TypeElement> kinds) {
        MethodSpec.Builder add =
                method("add", OBJECT).addParameter(OBJECT, "json").addParameter(type, "value");
        kinds.values().forEach(one -> add.beginControlFlow("if (value instanceof $T one)", TypeName.get(one.asType()))
                .addStatement("return $T.add(json, one)", Naming.formatOf(one))
                .endControlFlow());
        return add.addCode(NO_OTHER).build();
    }

    private static MethodSpec naming(TypeName type, Map<String, TypeElement> kinds) {
        MethodSpec.Builder kind = method("kind", ClassName.get(String.class)).addParameter(type, "value");
        kinds.forEach((name, one) -> kind.beginControlFlow("if (value instanceof $T)", TypeName.get(one.asType()))
                .addStatement("return $S", name)
                .endControlFlow());
        return kind.addCode(NO_OTHER).build();
    }

    private static MethodSpec isKind(Map<String, TypeElement> kinds) {
        MethodSpec.Builder isKind = method("isKind", TypeName.BOOLEAN)
                .addParameter(String.class, "kind")
                .beginControlFlow("switch (kind)");
        kinds.keySet().forEach(name -> isKind.addCode("case $S:\n", name));
        return isKind.addCode("$>return true;\n$<default:\n$>return false;\n$<")
                .endControlFlow()
                .build();
    }

    private static MethodSpec reading(TypeName type, String field, Map<String, TypeElement> kinds) {
        MethodSpec.Builder decode = method("decode", type)
                .addParameter(String.class, "kind")
                .addParameter(FIELDS, "fields")
                .beginControlFlow("switch (kind)");
        kinds.forEach(
                (name, one) -> decode.addCode("case $S:\n$>return $T.decode(fields);\n$<", name, Naming.formatOf(one)));
        return decode.addCode(
                        "default:\n$>throw new $T($S, fields.field($S), kind, KINDS);\n$<",
                        REFUSED,
                        "not_allowed",
                        field)
                .endControlFlow()
                .build();
    }

    /** How to write each type that stands by itself: what it is a kind of is told by its family. */
    private JavaFile registry() {
        Set<TypeElement> kinds = new HashSet<>();
        wanted.keySet().stream()
                .filter(one -> Shapes.isFamily(one.asType()))
                .forEach(family -> kinds.addAll(Shapes.kinds(family).values()));
        CodeBlock entries = wanted.keySet().stream()
                .filter(one -> !kinds.contains(one) && !Shapes.standsApart(one))
                .map(one -> CodeBlock.of(
                        "$T.entry($T.class, value -> $T.encode(($T) value))",
                        Map.class,
                        TypeName.get(one.asType()),
                        Naming.formatOf(one),
                        TypeName.get(one.asType())))
                .collect(CodeBlock.joining(",\n"));
        TypeName written = ParameterizedTypeName.get(
                ClassName.get(Map.class),
                ParameterizedTypeName.get(ClassName.get(Class.class), WildcardTypeName.subtypeOf(Object.class)),
                ParameterizedTypeName.get(ClassName.get(Function.class), ClassName.get(Object.class), OBJECT));
        return JavaFile.builder(
                        Naming.PACKAGE,
                        begun(ClassName.get(Naming.PACKAGE, "AllFormats"))
                                .addMethod(method("writers", written)
                                        .addStatement("return $T.ofEntries($L)", Map.class, entries)
                                        .build())
                                .build())
                .indent("    ")
                .build();
    }
}
