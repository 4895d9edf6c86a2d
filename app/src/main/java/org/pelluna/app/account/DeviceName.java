package org.pelluna.app.account;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a keeper may know a device by: the browser and the system that it says it is. The first word that fits counts. */
final class DeviceName {
    private static final Map<String, String> BROWSERS =
            inOrder("firefox", "Firefox", "edg/", "Edge", "chrom", "Chromium", "safari", "Safari");
    private static final Map<String, String> SYSTEMS = inOrder(
            "android", "Android", "iphone", "iPhone", "ipad", "iPad", "windows", "Windows", "mac os", "macOS", "linux",
            "Linux");

    private DeviceName() {}

    private static Map<String, String> inOrder(String... pairs) {
        Map<String, String> names = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            names.put(pairs[i], pairs[i + 1]);
        }
        return names;
    }

    static String of(Optional<String> agent) {
        String says = agent.orElse("").toLowerCase(Locale.ROOT);
        return first(BROWSERS, says).orElse("A browser")
                + first(SYSTEMS, says).map(system -> " on " + system).orElse("");
    }

    private static Optional<String> first(Map<String, String> names, String says) {
        return names.entrySet().stream()
                .filter(one -> says.contains(one.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
    }
}
