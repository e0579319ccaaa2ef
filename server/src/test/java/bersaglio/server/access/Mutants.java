package bersaglio.server.access;

import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Requests as the contract describes them, spoilt in one place or in several; the same ones for the same seed. */
final class Mutants {

    /** A request as it goes over the line. */
    record Mutant(String method, String target, Map<String, String> headers, byte[] body) {

        byte[] bytes(int port) {
            StringBuilder head = new StringBuilder(
                    method + " " + target + " HTTP/1.1\r\nHost: localhost:" + port + "\r\nConnection: close\r\n");
            headers.forEach((name, value) ->
                    head.append(name).append(": ").append(value).append("\r\n"));
            if (body.length > 0 || !method.equals("GET")) {
                head.append("Content-Length: ").append(body.length).append("\r\n");
            }
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            all.writeBytes(head.append("\r\n").toString().getBytes(StandardCharsets.ISO_8859_1));
            all.writeBytes(body);
            return all.toByteArray();
        }

        @Override
        public String toString() {
            String text = new String(body, StandardCharsets.UTF_8);
            return method + " " + target + " " + headers + " " + text.substring(0, Math.min(300, text.length()));
        }
    }

    private static final List<String> VALUES = List.of(
            "%",
            "%20",
            "+",
            "%0a",
            "%zz",
            "%ff%fe",
            "%00",
            "%c0%af",
            "..",
            "%2e%2e%2f",
            ";x=1",
            "a".repeat(3000),
            "-1",
            "0",
            "1e999",
            "NaN",
            "99999999999999999999",
            "null",
            "undefined",
            "%F0%9F%8E%BE",
            "%ed%a0%80",
            "'",
            "%22%3E%3Cscript%3E",
            "{}",
            "[]",
            "true",
            "2026-02-30",
            "0.5",
            "straight-clear-1",
            "1,2",
            "%0d%0aSet-Cookie:a");
    private static final List<String> TYPES = List.of(
            "*",
            "*/*",
            "application/*",
            "application/*+json",
            "application/json;charset=utf-99",
            "application/json;charset=utf-16",
            "application/json; q=x",
            "text/plain",
            "/",
            "json",
            "",
            "application/json, application/json",
            "multipart/form-data",
            "multipart/form-data; boundary=x",
            "application/x-www-form-urlencoded",
            "application/json;;;");
    private static final List<String> METHODS =
            List.of("GET", "HEAD", "POST", "PUT", "DELETE", "PATCH", "OPTIONS", "TRACE", "FOO", "get", "CONNECT");
    private static final List<String> RAW = List.of(
            "null",
            "1e999",
            "-1e999",
            "NaN",
            "1e-400",
            "-0.0",
            "99999999999999999999999",
            "\"\"",
            "\"\\u0000\"",
            "\"\\ud800\"",
            "\"\\udfff\\ud800\"",
            "\"" + "x".repeat(5000) + "\"",
            "[]",
            "[null]",
            "{}",
            "true",
            "[[[[[[]]]]]]",
            "\"\u202e\"",
            "\"constructor\"",
            "0",
            "-1",
            "0.1",
            "2147483648",
            "{\"__proto__\":null}");
    private static final String HOLE = "\"@@hole@@\"";

    private record Door(String method, String path, List<String> query, List<JsonNode> bodies) {

        /** Nothing of it can be spoilt but its headers. */
        boolean isPlain() {
            return query.isEmpty() && bodies.isEmpty() && !path.contains("{");
        }
    }

    private final Random random;
    private final List<Door> doors = new ArrayList<>();
    private final List<String> ids = new ArrayList<>();

    Mutants(StartedServer server, long seed) {
        this.random = new Random(seed);
        JsonNode club = server.get("/api/club");
        String player = club.at("/players/0/id").asString();
        ids.addAll(List.of(
                player,
                "straight-clear-1",
                "straight-clear",
                club.at("/places/0/id").asString(),
                server.get("/api/targets").at("/0/target/id").asString(),
                Device.newId(),
                "1",
                "2026-11-24"));
        Map<String, List<JsonNode>> bodies = bodies(server, club, player);
        JsonNode contract = StartedServer.JSON.readTree(
                server.send(server.request("/v3/api-docs")).body());
        for (Map.Entry<String, JsonNode> path : contract.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                String name = method.getKey().toUpperCase() + " " + path.getKey();
                boolean takesBody = method.getValue().has("requestBody");
                if (takesBody && !bodies.containsKey(name)) {
                    throw new AssertionError("no example of a body for " + name);
                }
                List<String> query = new ArrayList<>();
                for (JsonNode parameter : method.getValue().path("parameters")) {
                    if (parameter.get("in").asString().equals("query")) {
                        query.add(parameter.get("name").asString());
                    }
                }
                doors.add(new Door(
                        method.getKey().toUpperCase(), path.getKey(), query, takesBody ? bodies.get(name) : List.of()));
            }
        }
    }

    private static Map<String, List<JsonNode>> bodies(StartedServer server, JsonNode club, String player) {
        JsonNode target = server.get("/api/targets").at("/0/target");
        JsonNode place = club.at("/places/0");
        List<JsonNode> drills = new ArrayList<>();
        List<JsonNode> goals = new ArrayList<>();
        server.drills().forEach(drill -> {
            drills.add(drill);
            goals.add(drill.at("/levels/0/goal"));
        });
        String ledger = "/api/players/" + player + "/ledger?drill=straight-clear-1";
        String run = server.get(ledger).at("/sets/0/run").asString();
        ObjectNode events = StartedServer.JSON.createObjectNode();
        events.set("events", server.get("/api/runs/" + run).get("events"));
        Map<String, List<JsonNode>> all = new LinkedHashMap<>();
        all.put("PUT /api/drills/{family}", drills);
        all.put("POST /api/drills/{family}/levels/{level}/goal", goals);
        all.put("POST /api/drills/{family}/levels/{level}/size", List.of(json("{\"scale\":0.9}")));
        all.put(
                "POST /api/drills/{family}/levels/{level}/target",
                List.of(json("{\"target\":\"net-drop\",\"ring\":1}")));
        all.put("POST /api/events", List.of(events, eventsOfAMatch(server)));
        all.put("POST /api/exchange/drills", List.of(server.get("/api/exchange/drills/straight-clear")));
        all.put(
                "POST /api/exchange/places",
                List.of(server.get("/api/exchange/places/" + place.get("id").asString())));
        all.put(
                "POST /api/exchange/targets",
                List.of(server.get("/api/exchange/targets/" + target.get("id").asString())));
        all.put("PUT /api/places/{place}", List.of(place));
        all.put(
                "POST /api/places/{place}/check",
                List.of(json("{\"tries\":[{\"known\":{\"x\":1,\"y\":2},\"touched\":{\"x\":1.1,\"y\":2.1}},"
                        + "{\"known\":{\"x\":2,\"y\":2},\"touched\":{\"x\":2.1,\"y\":1.9}}]}")));
        all.put("PUT /api/players/{player}", List.of(json("{\"name\":\"Teo Mirtillo\",\"hand\":\"RIGHT\"}")));
        all.put("POST /api/players/{player}/aim", List.of(target));
        all.put("PUT /api/targets/{target}", List.of(target));
        server.get("/api/tactics")
                .forEach(rule -> all.computeIfAbsent("PUT /api/tactics/{tactic}", first -> new ArrayList<>())
                        .add(rule));
        return all;
    }

    private static JsonNode eventsOfAMatch(StartedServer server) {
        String run = server.get("/api/matches").at("/0/run").asString();
        ArrayNode some = StartedServer.JSON.createArrayNode();
        for (JsonNode event : server.get("/api/runs/" + run).get("events")) {
            if (some.size() < 20) {
                some.add(event);
            }
        }
        ObjectNode events = StartedServer.JSON.createObjectNode();
        events.set("events", some);
        return events;
    }

    private static JsonNode json(String text) {
        return StartedServer.JSON.readTree(text);
    }

    Mutant next() {
        Door door = one(doors);
        if (door.isPlain() && random.nextInt(5) > 0) {
            door = one(doors);
        }
        boolean badMethod = random.nextInt(25) == 0;
        Map<String, String> headers = new LinkedHashMap<>();
        byte[] body = new byte[0];
        if (!door.bodies().isEmpty()) {
            headers.put("Content-Type", random.nextInt(20) == 0 ? one(TYPES) : "application/json");
            body = spoilt(one(door.bodies()));
        }
        spoil(headers);
        return new Mutant(badMethod ? one(METHODS) : door.method(), target(door), headers, body);
    }

    private <T> T one(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private String value() {
        return random.nextInt(3) == 0 ? one(VALUES) : one(ids);
    }

    private String target(Door door) {
        StringBuilder path = new StringBuilder();
        for (String part : door.path().substring(1).split("/")) {
            path.append('/');
            if (part.contains("{")) {
                path.append(part, 0, part.indexOf('{')).append(value());
            } else if (part.equals("**")) {
                path.append(value());
            } else {
                path.append(random.nextInt(60) == 0 ? spelledOtherwise(part) : part);
            }
        }
        List<String> query = new ArrayList<>();
        for (String name : new TreeSet<>(door.query())) {
            if (random.nextInt(5) > 0) {
                query.add(name + "="
                        + (name.equals("level") || name.equals("basedOn")
                                ? one(List.of("1", "2", "0", value()))
                                : value()));
            }
        }
        if (random.nextInt(15) == 0) {
            query.add(one(List.of("%", "a=[", "=", "&&", "drill=%E0%A4%A", "x=%ff", "drill=a&drill=b")));
        }
        return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    private static String spelledOtherwise(String part) {
        return part.isEmpty() ? part : "%" + Integer.toHexString(part.charAt(0)) + part.substring(1);
    }

    private void spoil(Map<String, String> headers) {
        if (random.nextInt(12) == 0) {
            headers.put("Accept", one(TYPES));
        }
        if (random.nextInt(30) == 0) {
            headers.put(
                    one(List.of(
                            "Accept-Language",
                            "Range",
                            "If-None-Match",
                            "If-Modified-Since",
                            "Accept-Charset",
                            "Cookie",
                            "X-HTTP-Method-Override",
                            "Forwarded",
                            "X-Forwarded-Host",
                            "Accept-Encoding",
                            "Origin")),
                    one(List.of(
                            "*",
                            "bytes=0-",
                            "bytes=9-1",
                            "W/\"x",
                            "Mon, 99 Foo",
                            "DELETE",
                            "\u00ff\u00fe",
                            "x".repeat(5000),
                            ";;=,")));
        }
    }

    /** Some of the places of a body are given other values; or its text is. */
    private byte[] spoilt(JsonNode body) {
        int way = random.nextInt(12);
        JsonNode copy = body.deepCopy();
        for (int i = random.nextInt(3); i >= 0 && way > 1; i--) {
            spoilOnePlace(copy);
        }
        byte[] bytes = copy.toString().replace(HOLE, one(RAW)).getBytes(StandardCharsets.UTF_8);
        return switch (way) {
            case 0 -> Arrays.copyOf(bytes, random.nextInt(bytes.length));
            case 1 -> {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
                yield bytes;
            }
            case 2 -> one(RAW).getBytes(StandardCharsets.UTF_8);
            default -> bytes;
        };
    }

    private void spoilOnePlace(JsonNode within) {
        JsonNode at = within;
        while (true) {
            if (at instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = new ArrayList<>(object.propertyNames());
                String name = one(names);
                JsonNode inner = object.get(name);
                if (inner.isContainer() && !inner.isEmpty() && random.nextInt(6) > 0) {
                    at = inner;
                    continue;
                }
                switch (random.nextInt(4)) {
                    case 0 -> object.remove(name);
                    case 1 -> object.putNull(name);
                    default -> object.put(name, "@@hole@@");
                }
                return;
            } else if (at instanceof ArrayNode list && !list.isEmpty()) {
                int place = random.nextInt(list.size());
                JsonNode inner = list.get(place);
                if (inner.isContainer() && !inner.isEmpty() && random.nextInt(6) > 0) {
                    at = inner;
                    continue;
                }
                switch (random.nextInt(4)) {
                    case 0 -> list.remove(place);
                    case 1 -> list.setNull(place);
                    case 2 -> list.add(inner.deepCopy());
                    default -> list.set(place, "@@hole@@");
                }
                return;
            } else {
                return;
            }
        }
    }
}
