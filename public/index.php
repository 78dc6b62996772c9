<?php

declare(strict_types=1);

use App\Kernel;
use Symfony\Component\HttpFoundation\Request;

// PHP's own server asks this script for everything; a file that exists is served as it is.
if ('cli-server' === \PHP_SAPI && is_string($_SERVER['REQUEST_URI'] ?? null)) {
    $path = realpath(__DIR__.rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], \PHP_URL_PATH)));
    if (false !== $path && is_file($path) && str_starts_with($path, __DIR__.'/build/')) {
        return false;
    }
}

require dirname(__DIR__).'/vendor/autoload.php';

$environment = is_string($_SERVER['APP_ENV'] ?? null) ? $_SERVER['APP_ENV'] : 'prod';
$kernel = new Kernel($environment, 'dev' === $environment);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
