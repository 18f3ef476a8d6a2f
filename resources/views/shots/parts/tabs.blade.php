<nav id="tabs" class="tabs" aria-label="{{ __('shots.tabs.label') }}">
    @foreach (App\Pages\ShotView::cases() as $tab)
        @php $mark = $tab->mark($page); @endphp
        <a href="{{ route('shots.view', [...$page->shot->address(), $tab->value]) }}" data-to-view="{{ $tab->value }}" data-mark="{{ $mark }}"
            title="{{ $tab->label() }}: {{ $tab->told($mark) }} (Alt {{ $tab->key() }})"><x-icon :name="$tab->icon()"
            /><span class="text">{{ $tab->label() }}</span><i class="tab-mark" aria-hidden="true"></i><span
            class="sr-only tab-told">, {{ $tab->told($mark) }}</span></a>
    @endforeach
</nav>
