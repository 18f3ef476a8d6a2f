@php use Illuminate\Support\Facades\Vite; @endphp
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}" data-look="night">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="dark">
<title>{{ $page->title() }}</title>
<style>{!! Vite::content('resources/css/card.scss') !!}</style>
</head>
<body class="phone">
<header class="phone-head"><h1>{{ $page->title() }}</h1><button type="button" data-look-next>{{ __('cards.file.day') }}</button></header>
@if (count($page->cards) > 1)<nav class="phone-shots" aria-label="{{ __('cards.file.shots') }}">@foreach ($page->cards as $id => $card)<a href="#card-{{
    $id }}">{{
$settings->clock($card->begins) }} {{ $card->title }}</a>@endforeach</nav>@endif
@forelse ($page->cards as $id => $card)<section
class="phone-card" id="card-{{ $id }}" data-card="{{ $id }}" aria-label="{{ $card->title }}">
@if ($card->moments !== [])<div class="now" data-now>
    <p class="cue" data-cue role="status" hidden></p>
    <p class="next"><span data-next>{{ $card->moments[0]['says'] }}</span> <b data-left>{{ __('cards.file.at',
        ['clock' => $settings->clock($card->moments[0]['when'])]) }}</b></p>
    <p class="after" data-after></p>
    <div class="shift"><button type="button" data-shift="started">{{ __('cards.file.first_now') }}</button><button type="button" data-shift="-60">{{
        __('cards.file.earlier') }}</button><button
        type="button" data-shift="60">{{ __('cards.file.later') }}</button><button type="button" data-shift="none">{{
            __('cards.file.planned') }}</button><output data-shifted></output></div>
    <ol class="moments">@foreach ($card->moments as $one)<li data-at="{{ $one['unix'] }}" @class(['is-cue' => $one['isCue']])
    @if ($one['isFirst']) data-first @endif><time>{{
        $settings->clock($one['when']) }}</time> <span>{{ $one['says'] }}</span></li>@endforeach</ol>
</div>@endif
@include('cards.parts.card')</section>@empty<p>{{ __('cards.file.none') }}</p>@endforelse
<x-script-words :parts="['card']" />
<script type="module">{!! Vite::content('resources/js/card.js') !!}</script>
</body>
</html>
