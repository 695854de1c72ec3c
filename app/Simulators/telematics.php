<?php

declare(strict_types=1);

/**
 * A small stand-in for a provider of telematics: fleet snapshots as ISO 15143-3 describes them, as XML or as JSON.
 *
 *   TELEMATICS_FLEET=fleet.json TELEMATICS_KEY=yard php -S 127.0.0.1:8095 app/Simulators/telematics.php
 *
 * The fleet is a JSON list of {id, serial, model, hours, at, hours_per_day, fuel, faults: [[identifier, words]]}: hours
 * at a moment, from which they go on with the clock. PUT /mode makes it fail: down, slow, error, garbage, stale,
 * doubled, unknown, backwards; ok puts it right.
 */
$answer = static function (int $status, string $type = 'text/plain', string $body = ''): never {
    http_response_code($status);
    header("Content-Type: {$type}");
    exit($body);
};
$said = static fn (string $name): string => is_string($_SERVER[$name] ?? null) ? $_SERVER[$name] : '';
$fleetFile = (string) getenv('TELEMATICS_FLEET');
$modeFile = "{$fleetFile}.mode";
if (($_SERVER['HTTP_AUTHORIZATION'] ?? '') !== 'Bearer '.getenv('TELEMATICS_KEY')) {
    $answer(401);
}
$path = (string) parse_url($said('REQUEST_URI'), PHP_URL_PATH);
if ($path === '/mode' && $_SERVER['REQUEST_METHOD'] === 'PUT') {
    file_put_contents($modeFile, trim((string) file_get_contents('php://input')));
    $answer(204);
}
if (preg_match('#^/Fleet(?:/(\d{1,4}))?$#D', $path, $match) !== 1 || $_SERVER['REQUEST_METHOD'] !== 'GET') {
    $answer(404);
}
$mode = is_file($modeFile) ? trim((string) file_get_contents($modeFile)) : 'ok';
match ($mode) {
    'down' => $answer(503),
    'error' => $answer(500, 'text/html', '<html><body>Something went wrong.</body></html>'),
    'garbage' => $answer(200, 'application/xml', "<Fleet><Equipment>\x00\xFF"),
    'slow' => sleep(60),
    default => null,
};

// A counter that runs backwards says so later than what it said before, however soon it is asked again.
$now = time() + match ($mode) {
    'stale' => -3 * 86_400,
    'backwards' => 60,
    default => 0,
};
$moment = static fn (int $at): string => gmdate('Y-m-d\TH:i:s\Z', $at);
$equipment = [];
/**
 * @var list<array{id: string, serial: string, model: string, hours: float, at: string, hours_per_day: float,
 *     fuel: int, faults: list<array{string, string}>}> $machines
 */
$machines = json_decode((string) file_get_contents($fleetFile), true, 16, JSON_THROW_ON_ERROR);
foreach ($machines as $machine) {
    $days = max(0, $now - strtotime($machine['at'])) / 86_400;
    $hours = $machine['hours'] + $machine['hours_per_day'] * $days - ($mode === 'backwards' ? 100 : 0);
    $equipment[] = [
        'EquipmentHeader' => [
            'OEMName' => 'Example',
            'Model' => $machine['model'],
            'EquipmentID' => $mode === 'unknown' ? "X-{$machine['id']}" : $machine['id'],
            'SerialNumber' => $mode === 'unknown' ? "?{$machine['serial']}" : $machine['serial'],
        ],
        'CumulativeOperatingHours' => [
            'datetime' => $moment($now),
            'Hour' => number_format(max(0, $hours), 2, '.', ''),
        ],
        'CumulativeIdleHours' => ['datetime' => $moment($now), 'Hour' => number_format(max(0, $hours) / 4, 2, '.', '')],
        'FuelRemaining' => ['datetime' => $moment($now), 'Percent' => $machine['fuel']],
        'EngineStatus' => [
            'datetime' => $moment($now),
            'EngineNumber' => '1',
            'Running' => $machine['hours_per_day'] > 0 ? 'true' : 'false',
        ],
        'FaultCode' => array_map(static fn (array $fault): array => [
            'datetime' => $moment($now), 'CodeIdentifier' => $fault[0], 'CodeDescription' => $fault[1],
        ], $machine['faults']),
    ];
}
if ($mode === 'doubled') {
    $equipment = array_merge($equipment, $equipment);
}

const PAGE = 50;
$page = max(1, (int) ($match[1] ?? 1));
$links = $page * PAGE < count($equipment) ? [['Rel' => 'Next', 'Href' => '/Fleet/'.($page + 1)]] : [];
$equipment = array_slice($equipment, ($page - 1) * PAGE, PAGE);
$root = ['version' => '1', 'snapshotTime' => $moment($now)];
if (str_starts_with($said('HTTP_ACCEPT'), 'application/json')) {
    $answer(
        200,
        'application/json',
        json_encode(['Fleet' => $root + ['Links' => $links, 'Equipment' => $equipment]], JSON_THROW_ON_ERROR),
    );
}
$document = new DOMDocument('1.0', 'UTF-8');
$fleet = $document->createElementNS('http://standards.iso.org/iso/15143/-3', 'Fleet');
$write = /** @param  array<array-key, mixed>  $members */ static function (
    DOMElement $into,
    string $name,
    array $members,
) use (&$write, $document): void {
    $element = $document->createElement($name);
    $into->appendChild($element);
    foreach ($members as $member => $value) {
        match (true) {
            $member === 'datetime' && is_string($value) => $element->setAttribute('datetime', $value),
            is_array($value) && array_is_list($value) => array_map(
                static fn (mixed $one) => $write($element, (string) $member, (array) $one),
                $value,
            ),
            is_array($value) => $write($element, (string) $member, $value),
            is_scalar($value) => $element->appendChild(
                $document->createElement((string) $member, htmlspecialchars((string) $value, ENT_XML1)),
            ),
            default => null,
        };
    }
};
foreach ($root as $name => $value) {
    $fleet->setAttribute($name, $value);
}
foreach ($links as $link) {
    $write($fleet, 'Links', $link);
}
foreach ($equipment as $one) {
    $write($fleet, 'Equipment', $one);
}
$document->appendChild($fleet);
$answer(200, 'application/xml', (string) $document->saveXML());
