@include('shots.parts.shoot-it')
@include('shots.parts.rehearsal')
