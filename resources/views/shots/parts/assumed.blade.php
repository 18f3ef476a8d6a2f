{{-- What a finding rests on that nobody gave: each leads to its field, and one press says that they are right. --}}
@php $assumed = $page->assumed($finding); @endphp
@if ($assumed !== [])
    <details class="assumed" id="assumed-{{ $finding->id->value }}"><summary>{{ __('shots.assumed.assumes', ['says' => $assumed[0]->says(),
        'part' => count($assumed) === 1 ? ''
        : __('shots.assumed.more', ['assumed' => count($assumed) - 1, 'part' => count($assumed) === 2 ? __('shots.assumed.value')
            : __('shots.assumed.values')])]) }}</summary>
        <ul class="plain-list">@foreach ($assumed as $one)<li><a
            href="#f-{{ str_replace('/', '-', ltrim($one->pointer, '/')) }}">{{ $one->label }}</a> {{ $one->value }}</li>@endforeach</ul>
        @if (!$page->isPreview)<x-edit :page="$page" edit="confirm" :with="['values' => implode(' ', array_map(fn ($one) => $one->pointer, $assumed))]"
            class="is-quiet" id="confirm-{{ $finding->id->value }}">{{
                count($assumed) === 1 ? __('shots.assumed.confirm') : __('shots.assumed.confirm_all') }}</x-edit>@endif
    </details>
@endif
