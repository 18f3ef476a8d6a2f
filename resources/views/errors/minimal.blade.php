<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}" data-look="{{ $look ?? 'day' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="{{ ($look ?? 'day') === 'day' ? 'light' : 'dark' }}">
    <meta name="theme-color" content="{{ ['dusk' => '#141b26', 'night' => '#000000'][$look ?? 'day'] ?? '#dfe6e2' }}">
    @hasSection('again')<meta http-equiv="refresh" content="@yield('again')">@endif
    <title>@yield('title') · Evrent</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
    <main class="page lost">
        <h1>@yield('title')</h1>
        <p>@yield('message')</p>
        <p><a class="button is-strong" href="/">{{ __('errors.minimal.shoots') }}</a></p>
    </main>
</body>
</html>
