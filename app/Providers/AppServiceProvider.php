<?php

declare(strict_types=1);

namespace App\Providers;

use App\Catalogue\BuiltCatalogues;
use App\Catalogue\CatalogueRepository;
use App\Catalogue\PlanCache;
use App\Contract\Contract;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\EntryKinds;
use App\Models\Role;
use App\Models\User;
use App\People\ReadersUnits;
use App\Setting;
use App\Telematics\HttpProvider;
use App\Telematics\TelematicsProvider;
use App\Yards\CurrentYard;
use Illuminate\Auth\Events\Authenticated;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(BuiltCatalogues::class);
        $this->app->singleton(CatalogueRepository::class, static fn (): CatalogueRepository => new CatalogueRepository(
            base_path('catalogue'),
            storage_path('framework/catalogue.php'),
            app(BuiltCatalogues::class),
        ));
        $this->app->singleton(Contract::class, static fn (): Contract => new Contract(
            base_path('api/openapi.yaml'),
            storage_path('framework/contract.json'),
        ));
        $this->app->singleton(EntryKinds::class);
        $this->app->singleton(PlanCache::class);
        $this->app->singleton(CurrentYard::class);
        $this->app->singleton(ReadersUnits::class);
        $this->app->scoped(ContextOfWalk::class);
        $this->app->bind(TelematicsProvider::class, static fn (): TelematicsProvider => new HttpProvider(
            app(Factory::class),
            Setting::text('jade.telematics.url'),
            Setting::text('jade.telematics.token'),
        ));
    }

    public function boot(): void
    {
        // The compiled configuration does not hold it: it is there only where migrations and backups run.
        $owner = getenv('DB_OWNER_PASSWORD');
        if ($this->app->runningInConsole() && is_string($owner) && $owner !== '') {
            config(['database.connections.owner.password' => $owner]);
        }
        // Whoever is recognised brings their yard along; before that nothing of a yard is asked for.
        Event::listen(static function (Authenticated $event): void {
            assert($event->user instanceof User);
            app(CurrentYard::class)->stepInto($event->user->yard);
            app()->setLocale($event->user->language->value);
            app(ReadersUnits::class)->readBy($event->user);
        });
        // Everybody who works in the yard may read what is looked at and why.
        Gate::define('read-catalogue', static fn (User $user): bool => true);
        Gate::define('read-people', static fn (User $user): bool => true);
        Gate::define('keep-qualifications', static fn (User $user): bool => $user->role === Role::Lead);
        Gate::define('choose-house-rules', static fn (User $user): bool => $user->role === Role::Lead);
        Gate::define('keep-people', static fn (User $user): bool => $user->role === Role::Lead);
        Gate::define('keep-machines', static fn (User $user): bool => $user->role === Role::Lead);
        Gate::define(
            'keep-service',
            static fn (User $user): bool => in_array($user->role, [Role::Lead, Role::Mechanic], true),
        );
        Gate::define(
            'keep-papers',
            static fn (User $user): bool => in_array($user->role, [Role::Counter, Role::Lead, Role::Mechanic], true),
        );
        Gate::define('book', static fn (User $user): bool => in_array($user->role, [Role::Counter, Role::Lead], true));
        Gate::define('report-found', static fn (User $user): bool => $user->role->walks() || $user->role->settles());
        Gate::define('keep-tablets', static fn (User $user): bool => $user->role === Role::Lead);
        Gate::define('settle-doubts', static fn (User $user): bool => $user->role === Role::Lead);
        Gate::define('set-second-factor', static fn (User $user): bool => $user->role->asksSecondFactor());
        Gate::define('read-audit', static fn (User $user): bool => $user->role->readsTheAudit());
        Gate::define('keep-models', static fn (User $user): bool => $user->role === Role::Lead);
        RateLimiter::for(
            'api',
            static fn (Request $request): Limit => Limit::perMinute(Setting::number('jade.requests_a_minute'))->by(
                $request->user()?->getAuthIdentifier() ?? $request->ip(),
            ),
        );
        // Nobody signs in with a token of the package; a bearer token is that of a link or of a collector.
        Sanctum::getAccessTokenFromRequestUsing(static fn (): null => null);
        // A link that was handed round, or is being guessed, is no way to keep the yard busy.
        RateLimiter::for(
            'hirer-page',
            static fn (Request $request): Limit => Limit::perMinute(300)->by('hirer-page|'.$request->ip()),
        );
        // What asks for one's own password again is no way to guess it.
        RateLimiter::for(
            'own-password',
            static fn (Request $request): Limit => Limit::perMinute(6)->by(
                'own-password|'.$request->user()?->id,
            ),
        );
        // Only what stands in front by name may say where a request came from.
        TrustProxies::at(array_filter(explode(',', Setting::text('jade.trusted_proxies'))));
        // A forgotten eager load is found in a test, not in the yard.
        Model::preventLazyLoading($this->app->environment() === 'testing');
        Model::preventSilentlyDiscardingAttributes($this->app->environment() === 'testing');
    }
}
