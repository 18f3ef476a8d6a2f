{{-- One figure term by term: what is done with them, what each rests on, and the rule. --}}
<div class="sum" id="sum-{{ $sum->key }}">
    <h2>{{ $sum->title }}</h2>
    <p class="sum-says">{{ $sum->says() }}</p>
    <table class="table"><thead><tr><th scope="col">{{ __('shots.sum.term') }}</th><th scope="col">{{ __('shots.sum.value') }}</th><th scope="col">{{
        __('shots.sum.rests') }}</th></tr></thead>
        <tbody>@foreach ($sum->terms as $term)<tr data-source="{{ $term->source->value ?? 'worked' }}"><td>{{ $term->label }}</td>
            <td>{{ $term->figure() }}</td><td>{{ $term->rests() }}</td></tr>@endforeach</tbody></table>
    <p class="quiet">{{ $sum->rule }}: {{ $sum->reference }}.</p>
</div>
