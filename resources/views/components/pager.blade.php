@props(['rows', 'url', 'target', 'label'])
<nav class="pager" aria-label="{{ $label }}">
    @foreach ([['First', 'chevron-first', 1], ['Previous', 'chevron-left', max(1, $rows->currentPage() - 1)],
        ['Next', 'chevron-right', min($rows->lastPage(), $rows->currentPage() + 1)], ['Last', 'chevron-last', $rows->lastPage()]] as [$name, $icon, $number])
        <a class="button is-quiet" href="{{ $url }}?page={{ $number }}#{{ $target }}" hx-get="{{ $url }}?page={{ $number }}"
            hx-target="#{{ $target }}" hx-select="#{{ $target }}" hx-swap="outerHTML" id="{{ $target }}-{{ strtolower($name) }}"
            @if ($number === $rows->currentPage()) aria-disabled="true" @endif><x-icon :name="$icon" /><span class="sr-only">{{ $name }} page</span></a>
    @endforeach
    <span class="of">{{ number_format($rows->firstItem()) }}–{{ number_format($rows->lastItem()) }} of {{ number_format($rows->total()) }}</span>
    <form class="goto" method="get" action="{{ $url }}" hx-get="{{ $url }}" hx-target="#{{ $target }}" hx-select="#{{ $target }}" hx-swap="outerHTML">
        <label for="{{ $target }}-photo">Go to photo</label>
        <input id="{{ $target }}-photo" hx-preserve="true" name="photo" type="text" inputmode="numeric" autocomplete="off" style="--width: 6ch">
        <button class="button is-quiet">Go</button>
    </form>
</nav>
