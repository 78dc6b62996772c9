<?php

declare(strict_types=1);

/**
 * Prints what a release is made of, as a bill of materials (CycloneDX 1.5, ECMA-424): the PHP packages by Composer's own list, and the
 * packages that are built into the scripts, by npm's lock file. Called in the folder of the release with its version and moment.
 */
[, $version, $moment] = $argv;

/** @return array<string, mixed> */
$read = static fn (string $file): array => (array) json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
$component = static fn (string $name, string $of, string $purl, mixed $licenses): array => array_filter([
    'type' => 'library',
    'bom-ref' => $purl,
    'name' => $name,
    'version' => $of,
    'purl' => $purl,
    'licenses' => array_map(static fn (string $id): array => ['license' => ['id' => $id]], array_filter((array) $licenses, \is_string(...))),
]);

$components = [];
foreach ($read('vendor/composer/installed.json')['packages'] as $package) {
    $of = ltrim($package['version'], 'v');
    $components[] = $component($package['name'], $of, "pkg:composer/{$package['name']}@$of", $package['license'] ?? []);
}
$locked = $read('package-lock.json')['packages'];
foreach ($read('public/build/.vite/packages.json') as $name) {
    $package = $locked["node_modules/$name"] ?? throw new RuntimeException("$name is not in package-lock.json.");
    $purl = 'pkg:npm/'.str_replace('@', '%40', $name)."@{$package['version']}";
    $components[] = $component($name, $package['version'], $purl, $package['license'] ?? []);
}
usort($components, static fn (array $a, array $b): int => $a['purl'] <=> $b['purl']);

// The same materials have the same number (RFC 9562, version 8: ours to fill in).
$hash = hash('sha256', $version.json_encode($components, \JSON_THROW_ON_ERROR));
$serial = sprintf('%s-%s-8%s-a%s-%s', substr($hash, 0, 8), substr($hash, 8, 4), substr($hash, 12, 3), substr($hash, 15, 3), substr($hash, 18, 12));
echo json_encode([
    'bomFormat' => 'CycloneDX',
    'specVersion' => '1.5',
    'serialNumber' => "urn:uuid:$serial",
    'version' => 1,
    'metadata' => [
        'timestamp' => gmdate('Y-m-d\TH:i:s\Z', (int) $moment),
        'component' => ['type' => 'application', 'bom-ref' => 'kontrast', 'name' => 'kontrast', 'version' => $version],
    ],
    'components' => $components,
], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR), "\n";
