@props(['rows', 'url', 'target', 'label'])
<nav class="pager" aria-label="{{ $label }}">
    @foreach ([[__('components.pager.first'), 'chevron-first', 1], [__('components.pager.previous'), 'chevron-left', max(1, $rows->currentPage() - 1)],
        [__('components.pager.next'), 'chevron-right', min($rows->lastPage(), $rows->currentPage() + 1)],
        [__('components.pager.last'), 'chevron-last', $rows->lastPage()]] as [$name, $icon, $number])
        <a class="button is-quiet" href="{{ $url }}?page={{ $number }}#{{ $target }}" hx-get="{{ $url }}?page={{ $number }}"
            hx-target="#{{ $target }}" hx-select="#{{ $target }}" hx-swap="outerHTML" id="{{ $target }}-{{ strtolower($name) }}"
            @if ($number === $rows->currentPage()) aria-disabled="true" @endif><x-icon :name="$icon" /><span class="sr-only">{{ __('components.pager.page',
                ['name' => $name]) }}</span></a>
    @endforeach
    <span class="of">{{ __('components.pager.range', ['firstItem' => $rows->firstItem(), 'lastItem' => $rows->lastItem(), 'total' => $rows->total()]) }}</span>
    <form class="goto" method="get" action="{{ $url }}" hx-get="{{ $url }}" hx-target="#{{ $target }}" hx-select="#{{ $target }}" hx-swap="outerHTML">
        <label for="{{ $target }}-photo">{{ __('components.pager.go_to') }}</label>
        <input id="{{ $target }}-photo" hx-preserve="true" name="photo" type="text" inputmode="numeric" autocomplete="off" style="--width: 6ch">
        <button class="button is-quiet">{{ __('components.pager.go') }}</button>
    </form>
</nav>
