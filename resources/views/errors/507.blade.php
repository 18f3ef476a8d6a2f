@extends('errors.minimal')
@section('title', 'The disk is full')
@section('message', 'Nothing was lost: what you typed waits in this browser. Make room on the disk that Evrent’s folder is on; it goes on by itself.')
@section('again', '5')
