<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\LazySessions;
use App\Pages\Html;
use App\Pages\Settings;
use App\Policies\OwnersPolicy;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Daemon\Daemons;
use Evrent\Words\Catalogue;
use Evrent\Words\Words;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\AliasLoader;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\View\View as ViewPage;
use ReflectionClass;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Daemons::class, static function (): Daemons {
            $run = config()->string('evrent.run');

            return new Daemons($run === '' ? '' : "{$run}/dev");
        });
        $this->app->extend('translator', static function (Translator $translator): Catalogue {
            return Catalogue::of($translator->getLocale(), [dirname((string) (new ReflectionClass(Translator::class))->getFileName()) . '/lang']);
        });
        $this->app->scoped(Settings::class, static fn (): Settings => Settings::kept());
    }

    public function boot(): void
    {
        $catalogue = app('translator');
        Words::use($catalogue instanceof Catalogue ? $catalogue : Catalogue::of('en'));
        AliasLoader::getInstance()->alias('Words', Words::class);
        AliasLoader::getInstance()->alias('Message', Message::class);
        Blade::setEchoFormat('\\' . Html::class . '::escape(%s)');
        // A misspelt attribute or a forgotten relation is a defect, in the product as in the tests.
        Model::shouldBeStrict();
        $told = ['cards.*', 'clip.*', 'photos.*', 'shoots.*', 'shots.*', 'takes.*', 'settings.*', 'components.layout'];
        View::composer($told, static function (ViewPage $view): void {
            $view->with('settings', app(Settings::class));
        });
        // Views are indented for whoever reads them; a slow line need not carry it. One space stays: PHP takes the line's end before it.
        Blade::prepareStringsForCompilationUsing(static fn (string $view): string => (string) preg_replace('/^[ \t]+/m', ' ', $view));
        Auth::resolveUsersUsing(static fn (): ?Authenticatable => null);
        Gate::guessPolicyNamesUsing(static fn (): string => OwnersPolicy::class);
        Session::extend('lazy', static function (Application $app): LazySessions {
            return new LazySessions(DB::connection(), 'sessions', config()->integer('session.lifetime'), $app);
        });
    }
}
