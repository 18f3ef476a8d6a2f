@include('shots.parts.chart')
@include('shots.parts.fields-of', ['name' => 'time'])
