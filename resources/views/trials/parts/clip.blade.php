{{-- One cell of a test as it was shot: a short clip, and the press that takes it into the plan. --}}
<div class="cell-clip" id="clip-{{ $page->trial->id }}-{{ strtr($cell, ':', '-') }}" @if ($isAnew ?? false) hx-swap-oob="true" @endif>
    @php $one = $page->cells[$cell] ?? null; @endphp
    @if ($one?->is_seen)<span class="red-by-night"><video muted loop playsinline preload="auto" width="160" height="107"
        poster="{{ $page->grid->at('still', $cell) }}"
        src="{{ $page->grid->at('film', $cell) }}" aria-label="{{ __('trials.clip.clip', ['named' => $page->named($cell)]) }}"></video></span>
        <button class="button" form="into-plan-{{ $page->trial->id }}" name="cell" value="{{ $cell }}"
            aria-label="{{ __('trials.clip.take', ['named' => $page->named($cell)]) }}">{{ __('trials.clip.use') }}</button>
        <small class="quiet">{{ $page->brightness($cell) }}</small>@endif
    @if ($one !== null && $one->says !== '')<small class="problem">{{ $one->says }}</small>@endif
</div>
