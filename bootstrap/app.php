<?php

declare(strict_types=1);

use App\Http\KnownHosts;
use App\Http\Middleware\ApplyUserLocale;
use App\Http\Middleware\AssignRequestId;
use App\Http\Middleware\BindSessionToDevice;
use App\Http\Middleware\EndLongSessions;
use App\Http\Middleware\LogRefusals;
use App\Http\Middleware\NegotiateLocale;
use App\Http\Middleware\RecognizeNavigation;
use App\Http\Middleware\RefuseOtherActor;
use App\Http\Middleware\RefuseWhileRebuilding;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\RenderProblem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use JadeLedger\Core\Refusal;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        api: __DIR__.'/../routes/api.php',
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([AssignRequestId::class, NegotiateLocale::class, RecognizeNavigation::class]);
        $middleware->trustHosts(at: KnownHosts::patterns(...), subdomains: false);
        $middleware->statefulApi();
        $middleware->throttleApi('api');
        $middleware->appendToGroup('api', ApplyUserLocale::class);
        // Before anything is looked for by its id: that it was not found is said in the reader's language, too.
        $middleware->prependToPriorityList(SubstituteBindings::class, ApplyUserLocale::class);
        // Nor is it "not found" while the projections are built again.
        $middleware->prependToPriorityList(SubstituteBindings::class, RefuseWhileRebuilding::class);
        $middleware->prependToGroup('api', LogRefusals::class);
        $middleware->appendToGroup('api', RefuseWhileRebuilding::class);
        $middleware->appendToGroup('api', EndLongSessions::class);
        $middleware->appendToGroup('api', BindSessionToDevice::class);
        $middleware->appendToGroup('api', RefuseOtherActor::class);
        // Same origin only; the package behind this middleware is one of those in compat/README.md.
        $middleware->remove(HandleCors::class);
        $middleware->redirectGuestsTo(static fn (): null => null);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*', 'sanctum/*'));
        // An answer to bad input is no fault of ours.
        $exceptions->dontReport([ApiProblem::class, Refusal::class]);
        $exceptions->render(new RenderProblem);
    })
    ->create();

// Everything that is written may live outside the code: bin/start and bin/test say where. A command typed by hand finds
// the yard that .env names.
$storage = getenv('LARAVEL_STORAGE_PATH');
if (is_string($storage) && $storage !== '') {
    $app->useStoragePath($storage);
} else {
    $app->afterLoadingEnvironment(static function (Application $app): void {
        $state = (string) env('STATE_DIR', 'storage/yard');
        $app->useStoragePath((str_starts_with($state, '/') ? $state : $app->basePath($state)).'/storage');
    });
}

return $app;
