<?php

declare(strict_types=1);

/**
 * A small stand-in for a store that speaks the S3 protocol: puts, gets and removes objects of one folder.
 *
 *   OBJECT_STORE_FOLDER=/tmp/objects OBJECT_STORE_KEY=yard php -S 127.0.0.1:9000 app/Simulators/object-store.php
 *
 * It looks whether a request is signed with the key that it knows, and not whether the signature is right.
 */
$answer = static function (int $status, string $body = ''): never {
    http_response_code($status);
    header('Content-Type: application/xml');
    exit($body);
};
$said = static fn (string $name): string => is_string($_SERVER[$name] ?? null) ? $_SERVER[$name] : '';
$known = (string) getenv('OBJECT_STORE_KEY');
if (! str_starts_with($said('HTTP_AUTHORIZATION'), "AWS4-HMAC-SHA256 Credential={$known}/")) {
    $answer(403, '<Error><Code>AccessDenied</Code></Error>');
}
$path = rawurldecode((string) parse_url($said('REQUEST_URI'), PHP_URL_PATH));
if (preg_match('#^(/[A-Za-z0-9][A-Za-z0-9._-]*)+$#D', $path) !== 1) {
    $answer(400, '<Error><Code>InvalidArgument</Code></Error>');
}
$file = getenv('OBJECT_STORE_FOLDER').$path;
switch ($_SERVER['REQUEST_METHOD']) {
    case 'PUT':
        is_dir(dirname($file)) || mkdir(dirname($file), 0755, true);
        file_put_contents($file, file_get_contents('php://input'));
        header('ETag: "'.md5_file($file).'"');
        $answer(200);
        // no break: answered
    case 'HEAD':
    case 'GET':
        if (! is_file($file)) {
            $answer(404, '<Error><Code>NoSuchKey</Code></Error>');
        }
        header('Content-Type: application/octet-stream');
        header('Content-Length: '.filesize($file));
        header('Last-Modified: '.gmdate('D, d M Y H:i:s', (int) filemtime($file)).' GMT');
        header('ETag: "'.md5_file($file).'"');
        $_SERVER['REQUEST_METHOD'] === 'GET' && readfile($file);
        exit;
    case 'DELETE':
        is_file($file) && unlink($file);
        $answer(204);
        // no break: answered
    default:
        $answer(405);
}
