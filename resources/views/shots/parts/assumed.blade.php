{{-- What a finding rests on that nobody gave: each leads to its field, and one press says that they are right. --}}
@php $assumed = $page->assumed($finding); @endphp
@if ($assumed !== [])
    <details class="assumed" id="assumed-{{ $finding->id->value }}"><summary>Assumes {{ $assumed[0]->says() }}{{ count($assumed) === 1 ? ''
        : ' and ' . (count($assumed) - 1) . (count($assumed) === 2 ? ' more value' : ' more values') }}</summary>
        <ul class="plain-list">@foreach ($assumed as $one)<li><a
            href="#f-{{ str_replace('/', '-', ltrim($one->pointer, '/')) }}">{{ $one->label }}</a> {{ $one->value }}</li>@endforeach</ul>
        @if (!$page->isPreview)<x-edit :page="$page" edit="confirm" :with="['values' => implode(' ', array_map(fn ($one) => $one->pointer, $assumed))]"
            class="is-quiet" id="confirm-{{ $finding->id->value }}">{{ count($assumed) === 1 ? 'Confirm this value' : 'Confirm these values' }}</x-edit>@endif
    </details>
@endif
