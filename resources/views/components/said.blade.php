{{-- What the last press did, over the page so that nothing moves, and the way back where something was deleted. --}}
@props(['text' => session('notice'), 'gone' => session('deleted'), 'way' => session('way')])
<div id="notice" class="notice said-over" role="status" @if (!$text && !$gone) hidden @endif><span
    class="notice-text">@if ($gone){{ __('components.said.deleted', ['name' => $gone['name']]) }} @endif{{ $text }}</span>
    @if ($way)<a class="button is-quiet" href="{{ $way['href'] }}">{{ $way['name'] }}</a>@endif
    @if ($gone)<x-act :action="route('bin.restore', [$gone['kind'], $gone['id']])" icon="undo-2" class="is-quiet">{{ __('components.said.undo') }}</x-act>@endif
    <button type="button" class="button is-quiet dismiss" data-dismiss title="{{ __('components.said.dismiss') }}"><x-icon name="x" /><span
        class="sr-only">{{ __('components.said.dismiss') }}</span></button></div>
