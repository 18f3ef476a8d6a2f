{{-- How far a test is that is being shot: asked for again and again until it is over. --}}
@php $grid = $page->grid; @endphp
<div id="grid-{{ $page->trial->id }}" class="grid-now" @if ($grid && !$grid->isOver()) hx-get="{{ $grid->at('show') }}?seen={{ count($page->cells) }}"
    hx-trigger="every 1s" hx-swap="outerHTML" hx-sync="this:drop" @endif>
    @if ($grid)<p role="status"><b>{{ $page->says() }}</b> @if (count($page->cells) > 0)<span class="quiet">{{ __('trials.grid_now.cells',
        ['cells' => count($page->cells), 'cells2' => count($page->matrix->cells())]) }}</span>@endif</p>
        @if (!$grid->isOver())<form method="post" action="{{ $grid->at('stop') }}">@csrf<button class="button is-danger"><x-icon
            name="octagon-x" /><span class="text">{{ __('trials.grid_now.stop') }}</span></button></form>@endif
    @endif
</div>
@if (isset($seen) && count($page->cells) > $seen)
    @foreach (array_slice(array_keys($page->cells), $seen) as $cell)@include('trials.parts.clip', ['isAnew' => true])@endforeach
@endif
