<?php

declare(strict_types=1);

/** Prints the license of every package that is in a release, as its makers wrote it. Called in the folder of the release. */
$bill = json_decode((string) file_get_contents('sbom.cdx.json'), true, 512, \JSON_THROW_ON_ERROR);
echo "The packages that Kontrast brings with it, each under the license of its makers.\n";
foreach ($bill['components'] as $component) {
    $folder = (str_starts_with($component['purl'], 'pkg:npm/') ? 'node_modules/' : 'vendor/').$component['name'];
    $texts = preg_grep('~/(licen[cs]e|copying|copyright)[^/]*$~i', (array) glob("$folder/*"));
    $ids = implode(', ', array_map(static fn (array $one): string => $one['license']['id'], $component['licenses'] ?? []));
    echo "\n", str_repeat('-', 80), "\n{$component['name']} {$component['version']}", '' === $ids ? '' : " ($ids)", "\n\n";
    foreach ($texts as $file) {
        if (is_file($file)) {
            echo rtrim((string) file_get_contents($file)), "\n";
        }
    }
}
