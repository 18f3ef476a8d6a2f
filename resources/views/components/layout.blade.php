@props(['title', 'crumbs' => [], 'hasOwnSaving' => false, 'keep' => [], 'isOfTakes' => false, 'card' => false, 'words' => []])
@php $stops = App\Pages\StopButton::shot(); @endphp
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}" data-look="{{ $look }}" @if ($hasOwnSaving) data-spine @endif data-letters="{{ $settings->get('keys') }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    {{-- Tells the browser what to paint before the first style arrives: no white flash in the dark. --}}
    <meta name="color-scheme" content="{{ $look === 'day' ? 'light' : 'dark' }}">
    <meta name="theme-color" content="{{ ['dusk' => '#141b26', 'night' => '#000000'][$look] ?? '#dfe6e2' }}">
    <meta name="evrent-instance" content="{{ config('app.instance') }}">
    <meta name="htmx-config" content='{"historyCacheSize":0,"defaultSettleDelay":0,"includeIndicatorStyles":false,"allowEval":false,"allowScriptTags":false}'>
    <title>{{ $title }} · Evrent</title>
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', ...($hasOwnSaving ? [] : ['resources/css/pages.scss']),
        ...($isOfTakes ? ['resources/css/room.scss'] : []), ...($card ? ['resources/css/card.scss'] : []), 'resources/js/app.js'])
</head>
<body x-data>
    <a class="skip" href="#main">{{ __('components.layout.skip') }}</a>
    <header class="top">
        <a class="mark" href="{{ route('shoots.index') }}">
            <svg viewBox="0 0 34 24" aria-hidden="true"><path d="M1 22h8v-6h8v-7h8V3h8" /><circle cx="25" cy="3" r="2.6" /></svg>
            <span>Evrent</span>
        </a>
        <nav class="crumbs" aria-label="{{ __('components.layout.crumbs') }}">
            <ol>
                @foreach ($crumbs as $label => $href)
                    <li>@if ($href)<a href="{{ $href }}">{{ $label }}</a>@else<span aria-current="page">{{ $label }}</span>@endif</li>
                @endforeach
            </ol>
        </nav>
        <a class="to-presets" href="{{ route('kit.index') }}"><x-icon name="briefcase" /><span>{{ __('components.layout.kit') }}</span></a>
        <a class="to-presets" href="{{ route('presets.index') }}"><x-icon name="bookmark" /><span>{{ __('components.layout.presets') }}</span></a>
        <a class="to-presets" href="{{ route('settings.edit') }}"><x-icon name="sliders-horizontal" /><span>{{ __('components.layout.settings') }}</span></a>
        <form class="looks" data-look method="post" action="{{ route('look.update') }}" aria-label="{{ __('components.layout.look') }}">
            @csrf
            @method('put')
            @foreach (['day' => 'sun', 'dusk' => 'sunset', 'night' => 'moon'] as $name => $icon)
                <button name="look" value="{{ $name }}" aria-pressed="{{ $look === $name ? 'true' : 'false' }}" title="{{ __('components.layout.name_look',
                    ['name' => __("components.layout.look_{$name}")]) }}">
                    <x-icon :name="$icon" /><span>{{ __("components.layout.look_{$name}") }}</span>
                </button>
            @endforeach
        </form>
    </header>
    {{-- What is read ahead, so that it can be read without the server. --}}
    <script id="keep" type="application/json">@json($keep)</script>
    <x-script-words :parts="['all', ...($stops ? ['stop'] : []), ...$words]" />
    <div id="announcer" class="sr-only" role="status" aria-live="polite"></div>
    <div id="trouble" class="trouble" role="alert" hidden></div>
    <main id="main" tabindex="-1">
        {{ $slot }}
    </main>
    <x-said />
    @unless ($hasOwnSaving)<x-saving />@endunless
    @if ($stops){{-- Whoever sees the rig move may stop it, from any page of its shot. --}}<form class="stop" method="post"
        action="{{ $stops->at('shots.stop') }}" data-stop data-at="{{ $stops->at('shots.rig.show') }}">@csrf<p data-stop-state role="status"></p><button
        class="button is-danger"><x-icon name="octagon-x" /><span class="text">{{ __('components.layout.stop') }}</span></button></form>@endif
</body>
</html>
